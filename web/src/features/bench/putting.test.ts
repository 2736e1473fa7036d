import { describe, expect, it } from 'vitest';
import { moreOf } from './putting';

describe('a board for what has no room on one', () => {
  it('is called more of it, once', () => {
    expect(moreOf('Home')).toBe('More Home');
    expect(moreOf('More Home')).toBe('More Home');
    expect(moreOf('Moreover')).toBe('More Moreover');
  });
});
