import { describe, expect, it } from 'vitest';
import { Bases } from './bases';

describe('the version a change is made against', () => {
  it('is the one shown, and of changes on their way the one the last left', () => {
    const bases = new Bases();
    expect(bases.of(4)).toBe(4);
    bases.kept(4, 5);
    expect(bases.of(4)).toBe(5);
    bases.kept(5, 6);
    expect(bases.of(4)).toBe(6);
    expect(bases.of(6)).toBe(6);
  });

  it('stays what was seen when somebody else came in between, and when nothing was changed', () => {
    const bases = new Bases();
    bases.kept(4, 7);
    expect(bases.of(4)).toBe(4);
    bases.kept(7, 7);
    expect(bases.of(7)).toBe(7);
  });
});
