import { describe, expect, it } from 'vitest';
import type { Round } from '../../api/types';
import { again, asked, BEGIN, count, met } from './playing';

const cell = (row: number, column: number) => ({ row, column });
const round = (rows: number, columns: number, ...targets: [number, number][]): Round => ({
  rows,
  columns,
  widthMm: 30,
  heightMm: 30,
  targets: targets.map(([r, c]) => ({ cell: cell(r, c), label: '' })),
  fills: [],
});
const rounds = [round(2, 3, [0, 0], [1, 2]), round(4, 6, [3, 5])];

describe('a pointing check', () => {
  it('goes from target to target and from size to size, and ends', () => {
    let now = met(rounds, BEGIN, { hit: cell(0, 0), millis: 812.4 });
    expect(asked(rounds, now)?.cell).toEqual(cell(1, 2));
    now = met(rounds, now, { hit: cell(1, 1) });
    expect(asked(rounds, now)?.cell).toEqual(cell(3, 5));
    now = met(rounds, now, {});
    expect(asked(rounds, now)).toBeUndefined();
    expect(now.tries).toEqual([
      { rows: 2, columns: 3, target: cell(0, 0), hit: cell(0, 0), first: undefined, millis: 812 },
      { rows: 2, columns: 3, target: cell(1, 2), hit: cell(1, 1), first: undefined, millis: undefined },
      { rows: 4, columns: 6, target: cell(3, 5), hit: undefined, first: undefined, millis: undefined },
    ]);
    expect(count(rounds)).toBe(3);
  });

  it('keeps where a finger came down only if it slid from there', () => {
    expect(met(rounds, BEGIN, { hit: cell(0, 0), first: cell(0, 0) }).tries[0].first).toBeUndefined();
    expect(met(rounds, BEGIN, { hit: cell(0, 0), first: cell(0, 1) }).tries[0].first).toEqual(cell(0, 1));
    expect(met(rounds, BEGIN, { first: cell(0, 1) }).tries[0].first).toEqual(cell(0, 1));
  });

  it('asks the one before again, over the end of a size too', () => {
    const second = met(rounds, met(rounds, BEGIN, {}), {});
    expect(asked(rounds, again(rounds, second))?.cell).toEqual(cell(1, 2));
    expect(again(rounds, second).tries).toHaveLength(1);
    expect(again(rounds, BEGIN)).toEqual(BEGIN);
  });
});
