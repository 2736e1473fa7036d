import type { Scanning } from '../../api/types';

// In what order things light up, as core has it (`access/Round`); both are tried on the same cases.

/** What is lit together: one that can be chosen, or a group of such. */
export interface Stop {
  id: string;
  within: Stop[];
}

export interface Placed {
  id: string;
  row: number;
  column: number;
}

export const WAY_OUT = 'way-out';
export const STAY = 'stay';
export const LEAVE = 'leave';

export const one = (id: string): Stop => ({ id, within: [] });
/** The way out asks once more. */
export const wayOut: Stop = { id: WAY_OUT, within: [one(STAY), one(LEAVE)] };

export const litWith = (stop: Stop): string[] => (stop.within.length > 0 ? stop.within.flatMap(litWith) : [stop.id]);

function grouped(placed: Placed[], number: (p: Placed) => number, name: string): Stop[] {
  const groups = new Map<number, Stop[]>();
  for (const p of placed) groups.set(number(p), [...(groups.get(number(p)) ?? []), one(p.id)]);
  return [...groups].sort(([a], [b]) => a - b).flatMap(([n, stops]) => group(`${name} ${n}`, stops));
}

/** A group of one is that one; one of none is not there. */
const group = (id: string, stops: Stop[]): Stop[] => (stops.length > 1 ? [{ id, within: stops }] : stops);

export function roundOf(how: Pick<Scanning, 'way' | 'blocks'>, rows: number, columns: number, placed: Placed[], bar: string[]): Stop[] {
  const ordered = [...placed].sort((a, b) => a.row - b.row || a.column - b.column);
  const done = bar.filter((id) => id !== WAY_OUT).map(one);
  const out = bar.includes(WAY_OUT) ? [wayOut] : [];
  if (how.way === 'CELLS') return [...ordered.map((p) => one(p.id)), ...done, ...out];
  const blocks = how.way === 'BLOCKS' ? how.blocks.find((b) => b.rows === rows && b.columns === columns) : undefined;
  const blockOf = (p: Placed) => blocks?.cells[p.row * columns + p.column] ?? 0;
  return [
    ...grouped(
      ordered.filter((p) => blockOf(p) > 0),
      blockOf,
      'block',
    ),
    ...grouped(
      ordered.filter((p) => blockOf(p) === 0),
      (p) => p.row + 1,
      'row',
    ),
    ...group('bar', done),
    ...out,
  ];
}
