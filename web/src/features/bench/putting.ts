import { plural, t } from '@lingui/core/macro';
import { App } from 'antd';
import type { Board, BoardLine, Cell, Changed } from '../../api/types';
import type { Move } from './bench';
import type { Wish } from '../../data/boards';
import { freeCells } from '../../drawn/grid';
import { MOST_FILLED, wordsOf } from '../../data/typed';
import type { Elsewhere } from './WordAdvice';
import { number } from '../../words/words';
import type { WayOn } from './ways';

interface On {
  board: Board;
  line: BoardLine;
  version: number;
  /** The cell for the first word. */
  from: Cell;
  change: (wish: Wish) => Promise<Changed | undefined>;
  move: (made: Move) => void;
  /** Words went to another board. */
  onWent: (to: Elsewhere) => void;
}

/** What a board for what has no room on one is called; one that is called so already has as many more. */
export function moreOf(board: string): string {
  const more = (name: string) => t`More ${name}`;
  const [before, after] = more('\n').split('\n');
  return board.startsWith(before) && board.endsWith(after) ? board : more(board);
}

/** What the word line does with words: here, where there is room, or on new boards. */
export function usePutting() {
  const { message, modal } = App.useApp();
  return ({ board, line, version, from, change, move, onWent }: On) => {
    const boardId = board.id;
    /** @param on where else they go than into the next cell: another board, a cell that is kept free, a new row */
    async function put(words: string, chosen?: string, on?: { board: string; name: string } | { cell: Cell } | 'new row') {
      if (!words.trim()) {
        void message.info(t`The word line is empty. Type a word, then press Enter.`);
        return;
      }
      const elsewhere = on && on !== 'new row' && 'board' in on ? on : undefined;
      move({ move: 'type', text: '' });
      const changed = await change({
        what: 'words',
        base: version,
        board: elsewhere?.board ?? boardId,
        from: !on ? from : on !== 'new row' && 'cell' in on ? on.cell : undefined,
        newRow: on === 'new row' || undefined,
        text: words,
        picture: chosen,
      });
      const here = changed?.boards.find((b) => b.id === boardId);
      if (!changed) move({ move: 'not put', text: words });
      else if (elsewhere) onWent({ words: wordsOf(words), ...elsewhere });
      else if (here) move({ move: 'put', on: here, added: changed.added, keptFree: line.keptFree });
    }

    /** Puts a word and opens the pictures for it, where a photo, a drawing or the web can be had. */
    async function putAndSeek(words: string) {
      move({ move: 'type', text: '' });
      const changed = await change({ what: 'words', base: version, board: boardId, from, text: words });
      const added = changed?.boards.find((b) => b.id === boardId)?.buttons.find((b) => changed.added.includes(b.id));
      if (!added) return move({ move: 'not put', text: words });
      move({ move: 'mark', cell: added.cell });
      move({ move: 'choose picture' });
    }

    /** More words than this board holds: on it, and on new boards after it, once the person has agreed. */
    function fill(words: string) {
      const count = wordsOf(words).length;
      const free = freeCells(board, line.keptFree);
      const boards = Math.ceil(Math.max(0, count - free) / Math.max(1, line.rows * line.columns - 3));
      void modal.confirm({
        title: t`Put ${number(count)} words here and on new boards?`,
        okText: t`Put them all`,
        cancelText: t`Leave it`,
        content:
          count > MOST_FILLED
            ? t`Up to ${number(MOST_FILLED)} go in at once. Nothing is put; do it in parts.`
            : plural(boards, {
                one: `${free} go here; about # new board follows, each opened from the one before. Their pictures take a moment to find.`,
                other: `${free} go here; about # new boards follow, each opened from the one before. Their pictures take a moment to find.`,
              }),
        okButtonProps: { disabled: count > MOST_FILLED },
        onOk: async () => {
          move({ move: 'type', text: '' });
          if (!(await change({ what: 'words', base: version, board: boardId, from, text: words, fillOn: true }))) move({ move: 'not put', text: words });
        },
      });
    }

    /** A new board, or several, for words that have no room here, opened from the nearest board that has a cell for its button. */
    async function putFurther(words: string, { from, boards }: { from: string; boards: number }, chosen?: string) {
      const name = moreOf(line.name);
      move({ move: 'type', text: '' });
      const changed = await change({
        what: 'words',
        base: version,
        board: from,
        text: words,
        picture: chosen,
        onNewBoard: name,
        fillOn: boards > 1 || undefined,
      });
      const added = changed?.boards.find((b) => b.name === name && changed.added.includes(b.id));
      if (!changed) move({ move: 'not put', text: words });
      else if (added) onWent({ words: wordsOf(words), board: added.id, name: added.name });
    }

    /** Words that have no room here, on the way a person chose. */
    function putOnWay(words: string, way: WayOn, chosen?: string) {
      switch (way.way) {
        case 'board':
          return put(words, chosen, { board: way.board, name: way.name });
        case 'new board':
          return putFurther(words, way, chosen);
        case 'new row':
          return put(words, chosen, 'new row');
        case 'kept cell':
          return put(words, chosen, { cell: way.cell });
      }
    }

    return { put, putAndSeek, fill, putOnWay };
  };
}
