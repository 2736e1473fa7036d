import { t } from '@lingui/core/macro';
import { App } from 'antd';
import { useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { sentence } from '../../api/client';
import type { Board, Button, Cell, Changed } from '../../api/types';
import { arrival } from '../../data/arrivals';
import type { Wish } from '../../data/boards';
import { arrivalsAt } from '../arrival';
import { copied, forgetCopied, keepCopied, wordsFor, type Copied } from './copied';
import { buttonAt } from '../../drawn/grid';
import type { Begun } from './NewBoard';

interface Around {
  vocabulary: number;
  version: number;
  boardId: string;
  board?: Board;
  boardName: string;
  marked?: Cell;
  /** What is chosen, or the marked button. */
  buttons: Button[];
  change: (wish: Wish) => Promise<Changed | undefined>;
  onNewBoard: (begun: Begun) => void;
  onShow: (board: string, cell: Cell) => void;
}

/** Buttons and whole boards into the clipboard and out of it, within a vocabulary and from one to another. */
export function useCopying({ vocabulary, version, boardId, board, boardName, marked, buttons, change, onNewBoard, onShow }: Around) {
  const { message } = App.useApp();
  const queries = useQueryClient();
  const navigate = useNavigate();

  /** What is chosen, or the marked button, goes into the clipboard: its words for any program, the buttons for this one. */
  function copy(cut: boolean) {
    if (buttons.length === 0) return;
    const text = wordsFor(buttons);
    keepCopied({ vocabulary, board: boardId, buttons: buttons.map((b) => b.id), text, cut });
    void navigator.clipboard.writeText(text);
    void message.info(cut ? t`Cut: they move where you paste them. Until then they stay.` : t`Copied. Paste them on any board of this vocabulary.`, 3);
  }

  /** The whole board goes into the clipboard: its words for any program, the board for any vocabulary. */
  function copyBoard() {
    if (!board) return;
    const text = wordsFor(board.buttons);
    keepCopied({ vocabulary, board: boardId, buttons: [], whole: boardName, text });
    void navigator.clipboard.writeText(text);
    void message.info(t`The board is copied. Paste it in any vocabulary: a new board comes of it.`, 4);
  }

  /** True if it was copied here; else it is words to be typed. */
  function paste(text: string): boolean {
    const kept = copied(text);
    if (!kept || !board || !marked) return false;
    const at = buttonAt(board, marked) ? undefined : marked;
    const elsewhere = kept.vocabulary !== vocabulary;
    if (kept.whole && elsewhere) void navigate(arrivalsAt(vocabulary, boardId, at, { from: kept.vocabulary, boards: [kept.board] }));
    else if (kept.whole) onNewBoard({ name: kept.whole, copyOf: kept.board });
    else if (elsewhere) void bringHere(kept, at);
    else void copyTo(kept, boardId, at);
    return true;
  }

  /** Copies from another vocabulary; there they stay, also if they were cut. What would lead nowhere here is shown before it happens. */
  async function bringHere(from: Copied, at?: Cell) {
    const carried = { board: from.board, buttons: from.buttons };
    const bringing = { base: version, from: from.vocabulary, boards: [], withAll: false, carried, where: { board: boardId, at, name: '' } };
    let seen: number;
    try {
      const comes = await queries.fetchQuery(arrival(vocabulary, bringing));
      seen = comes.version;
      if (comes.loose.length > 0) return void navigate(arrivalsAt(vocabulary, boardId, at, { from: from.vocabulary, carried }));
    } catch (error) {
      return void message.error(sentence(error), 6);
    }
    const changed = await change({ what: 'bring boards', base: version, bringing: { ...bringing, seen } });
    const first = changed?.boards.find((b) => b.id === boardId)?.buttons.find((b) => changed.added.includes(b.id));
    if (first) onShow(boardId, first.cell);
  }

  async function copyTo(from: Pick<Copied, 'board' | 'buttons' | 'cut'>, to: string, at?: Cell) {
    const changed = await change({
      what: 'edit',
      base: version,
      edit: { type: from.cut ? 'move-buttons' : 'copy-buttons', board: from.board, buttons: from.buttons, to, at },
    });
    if (changed && from.cut) forgetCopied();
    const first = changed?.boards.find((b) => b.id === to)?.buttons.find((b) => (from.cut ? from.buttons : changed.added).includes(b.id));
    if (first) onShow(to, first.cell);
  }

  return { copy, copyBoard, paste, copyTo };
}
