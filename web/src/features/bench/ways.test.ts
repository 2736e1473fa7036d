import { describe, expect, it } from 'vitest';
import type { Advice } from '../../api/types';
import { wayByKey, waysOn } from './ways';

const NONE = { ctrlKey: false, metaKey: false, altKey: false, shiftKey: false };
const advice: Advice = {
  stands: [],
  rooms: [
    { board: 'eat', name: 'Eating', empty: 3, why: 'SAME_TOPIC' },
    { board: 'more', name: 'More', empty: 9, why: 'SAME_TOPIC' },
  ],
  further: { from: 'topics', name: 'More topics', boards: 1 },
  row: { rows: 6, heightMm: 22, thenMm: 18, small: false },
  kept: { cell: { row: 4, column: 0 }, home: false },
};

describe('the ways on from a full board', () => {
  it('begin with the best board, and Enter goes the first', () => {
    expect(waysOn(advice).map((w) => w.way)).toEqual(['board', 'board', 'new board', 'new row', 'kept cell']);
    expect(wayByKey(advice, NONE)).toMatchObject({ way: 'board', board: 'eat' });
    expect(wayByKey({ ...advice, rooms: [] }, NONE)).toMatchObject({ way: 'new board' });
    expect(wayByKey({ stands: [], rooms: [], row: advice.row }, NONE)).toMatchObject({ way: 'new row' });
  });
  it('each have a key, which does nothing where there is no such way', () => {
    expect(wayByKey(advice, { ...NONE, ctrlKey: true })).toMatchObject({ way: 'new board', from: 'topics' });
    expect(wayByKey(advice, { ...NONE, metaKey: true })).toMatchObject({ way: 'new board' });
    expect(wayByKey(advice, { ...NONE, altKey: true })).toMatchObject({ way: 'new row', rows: 6 });
    expect(wayByKey(advice, { ...NONE, shiftKey: true })).toMatchObject({ way: 'kept cell' });
    expect(wayByKey({ ...advice, kept: undefined }, { ...NONE, shiftKey: true })).toBeUndefined();
  });
});
