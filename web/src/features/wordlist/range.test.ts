import { describe, expect, it } from 'vitest';
import { rangeOf } from './range';

describe('sheets to print', () => {
  it('are read as people write them', () => {
    expect(rangeOf('3')).toEqual({ from: 3, to: 3 });
    expect(rangeOf(' 2 - 5 ')).toEqual({ from: 2, to: 5 });
    expect(rangeOf('5–2')).toEqual({ from: 2, to: 5 });
    expect(rangeOf('2 to 4')).toEqual({ from: 2, to: 4 });
    expect(rangeOf('4-0')).toEqual({ from: 1, to: 4 });
  });

  it('are all of them if nothing sensible is written', () => {
    for (const typed of ['all', '', '0', '-', '2-', 'two']) expect(rangeOf(typed)).toBeUndefined();
  });
});
