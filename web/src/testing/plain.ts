import type { Button } from '../api/types';

/** A button that says its label, with what is said of it. */
export const button = (id: string, row: number, column: number, more: Partial<Button> = {}): Button => ({
  id,
  cell: { row, column },
  span: { rows: 1, columns: 1 },
  label: id,
  says: { type: 'label' },
  layers: [],
  leads: { type: 'stays' },
  doings: [],
  hidden: false,
  look: {},
  ...more,
});
