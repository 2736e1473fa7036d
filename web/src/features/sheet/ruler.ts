import type { Unit } from './units';

/** A mark along the edge of a sheet, so far from its left, in micrometres; those with a number are longer. */
export interface Tick {
  at: number;
  number?: number;
}

const STEP: Record<Unit, { each: number; numbered: number; counts: number }> = {
  mm: { each: 10_000, numbered: 5, counts: 50 },
  in: { each: 6_350, numbered: 4, counts: 1 },
};

/** Every centimetre with a number at every fifth, in millimetres; or every quarter inch with a number at every inch. */
export function ticks(width: number, unit: Unit): Tick[] {
  const { each, numbered, counts } = STEP[unit];
  return Array.from({ length: Math.ceil(width / each) - 1 }, (_, i) => i + 1).map((i) => ({
    at: i * each,
    ...(i % numbered === 0 && { number: (i / numbered) * counts }),
  }));
}
