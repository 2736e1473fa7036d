import type { Support } from '../../api/types';

export interface Of<S> {
  support: S;
  mayEdit: boolean;
  onSet: (support: S) => void;
}
export type Named<N extends Support['type']> = Extract<Support, { type: N }>;
