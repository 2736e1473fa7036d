import { describe, expect, it } from 'vitest';
import { ticks } from './ruler';

describe('the ruler along a sheet', () => {
  it('has a mark every centimetre and a number every fifth', () => {
    const a4 = ticks(210_000, 'mm');
    expect(a4).toHaveLength(20);
    expect(a4[0]).toEqual({ at: 10_000 });
    expect(a4.filter((t) => t.number).map((t) => [t.at, t.number])).toEqual([
      [50_000, 50],
      [100_000, 100],
      [150_000, 150],
      [200_000, 200],
    ]);
  });

  it('has quarter inches where those are used', () => {
    const letter = ticks(215_900, 'in');
    expect(letter).toHaveLength(33);
    expect(letter.filter((t) => t.number).map((t) => t.at)).toEqual([1, 2, 3, 4, 5, 6, 7, 8].map((n) => n * 25_400));
  });
});
