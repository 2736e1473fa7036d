import { expect, it } from 'vitest';
import type { Board, Button, VocabularyView } from '../../api/types';
import { sounds } from './sounds';
import { button as plain } from '../../testing/plain';

const button = (id: string, column: number, more: Partial<Button> = {}) => plain(id, 0, column, more);

it('tells what each button says, and which say nothing', () => {
  const board: Board = {
    id: 'b',
    name: 'b',
    rows: 1,
    columns: 3,
    heights: [],
    widths: [],
    look: {},
    buttons: [button('crab', 0), button('more', 1, { says: { type: 'words', text: 'more please' } }), button('topic', 2, { says: { type: 'nothing' } })],
  };
  const said = sounds({} as VocabularyView, board);
  expect([said.get('0-0')?.note, said.get('0-1')?.note, said.get('0-2')?.tag]).toEqual([undefined, '“more please”', 'says nothing']);
});
