import { expect, it } from 'vitest';
import { arrivalsAt, begunAt } from './arrivalsAt';

const read = (address: string) => begunAt(new URL(address, 'http://localhost').searchParams);

it('says where they open and what is chosen already', () => {
  const at = { row: 1, column: 4 };
  expect(read(arrivalsAt(7, 'home & away', at, { from: 3, boards: ['a', 'b'] }))).toEqual({
    board: 'home & away',
    at,
    from: 3,
    boards: ['a', 'b'],
    carried: undefined,
  });
  const carried = { board: 'sea', buttons: ['crab', 'gull'] };
  expect(read(arrivalsAt(7, 'home', undefined, { from: 3, carried }))).toEqual({ board: 'home', at: undefined, from: 3, boards: [], carried });
});
