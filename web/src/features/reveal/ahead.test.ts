import { describe, expect, it } from 'vitest';
import { aheadOf, inAWeek, inSteps } from './ahead';

describe('steps that come next', () => {
  it('begin in a week, over the end of a year too', () => {
    expect(inAWeek(new Date(2026, 11, 28, 23, 30))).toEqual({ first: '2027-01-04', weeks: 1 });
  });

  it('are as many days apart as the weeks have', () => {
    expect(aheadOf({ first: '2027-01-04', weeks: 2 }, 'Another grid')).toMatchObject({ name: 'Another grid', first: '2027-01-04', every: 14 });
    expect(aheadOf({ weeks: 1 }, 'Another grid').first).toBeUndefined();
  });

  it('take so many each, the last what is left', () => {
    expect(inSteps(['a', 'b', 'c', 'd', 'e'], 2)).toEqual([['a', 'b'], ['c', 'd'], ['e']]);
    expect(inSteps([], 2)).toEqual([]);
  });
});
