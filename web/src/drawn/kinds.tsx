import type { Kind } from '../api/types';
import drawn from './drawn.module.css';

/** The fill of a kind, wherever its mark is drawn. */
export const kindColour = (kind: string) => drawn[`kind${kind[0].toUpperCase()}${kind.slice(1)}`];

/**
 * Our own mark of a word's kind: shape and colour, so that neither is needed alone. A plain box that is clipped: a board of 144 of them is drawn much
 * sooner than one of 144 drawings.
 */
export function KindMark({ kind }: { kind: Kind }) {
  return <span className={`${drawn.kindMark} ${kindColour(kind)}`} aria-hidden="true" />;
}
