import { describe, expect, it } from 'vitest';
import { changed, moved, NOT, whole, withPicture } from './layers';

const kite = [whole('base/kite')];

describe('pictures in layers', () => {
  it('one picture alone takes all the room, also when it is put in place of another', () => {
    expect(withPicture(kite, 'base/cat', false, 0)).toEqual([whole('base/cat')]);
    expect(withPicture([], 'base/cat', true, 0)).toEqual([whole('base/cat')]);
  });
  it('an added picture is small and in a corner, the mark of not lies over all', () => {
    const crossed = withPicture(kite, NOT, true, 0);
    expect(crossed.map((l) => [l.picture, l.size])).toEqual([
      ['base/kite', 1000],
      [NOT, 1000],
    ]);
    const three = withPicture(crossed, 'base/cat', true, 0);
    expect(three.map((l) => l.picture)).toEqual(['base/kite', 'base/cat', NOT]);
    expect(three[1]).toMatchObject({ x: 500, y: 500, size: 500 });
  });
  it('a replaced picture keeps its place', () => {
    const two = withPicture(kite, 'base/cat', true, 0);
    expect(withPicture(two, 'base/dog', false, 1)[1]).toEqual({ picture: 'base/dog', x: 500, y: 500, size: 500 });
    expect(withPicture(two, 'base/dog', false, 0)[0].picture).toBe('base/dog');
  });
  it('nothing leaves the square, and nothing gets too small to see', () => {
    const small = { picture: 'base/cat', x: 500, y: 500, size: 500 };
    expect(moved(small, 300, -900)).toMatchObject({ x: 500, y: 0 });
    expect(moved(small, 0, 0, 800)).toMatchObject({ size: 1000, x: 0, y: 0 });
    expect(moved(small, 0, 0, -900).size).toBe(100);
    expect(changed(kite, 0, moved(kite[0], 0, 0, -500))[0].size).toBe(500);
  });
});
