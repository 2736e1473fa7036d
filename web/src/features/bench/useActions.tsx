import { t } from '@lingui/core/macro';
import { App } from 'antd';
import { useCallback } from 'react';
import { Link } from 'react-router';
import { sentence } from '../../api/client';
import type { Button, Cell, Intention, Steps } from '../../api/types';
import { preview } from '../../data/boards';
import { useBegin } from '../../data/lists';
import { copyFor } from '../../data/starters';
import { shortDay } from '../../shell/time';
import type { Conflict } from './bench';
import type { Chosen } from './BenchMenu';
import type { Begun } from './NewBoard';
import type { Person } from './people';
import type { BenchRoom } from './room';

/** What is done on the bench in more than one step. */
export function useActions(room: BenchRoom, copyBoard: () => void, steps?: Steps) {
  const { message, modal } = App.useApp();
  const beginList = useBegin();
  const { id, boardId, version, view, line, mayEdit, state, move, change, edit, step, go, showAt } = room;

  /** Goes where a button leads. */
  const open = useCallback(
    (from: Button) => {
      if (from.leads.type === 'home') go(view.home);
      if (from.leads.type !== 'opens') return;
      const to = from.leads.board;
      if (view.boards.some((b) => b.id === to)) go(to);
      else void message.warning(t`“${from.label}” opens a board that is not there. Mend it on the right.`);
    },
    [go, view, message],
  );
  const { chosen } = state;
  /** Takes a button off, and all that are chosen with it. */
  const takeOff = useCallback(
    (gone: Button) => {
      const all = chosen.includes(gone.id) ? chosen : [gone.id];
      const each = all.map((button) => ({ type: 'take-off' as const, board: boardId, button }));
      if (mayEdit) void edit(each.length === 1 ? each[0] : { type: 'several', intentions: each });
    },
    [mayEdit, edit, boardId, chosen],
  );

  async function newBoard(begun: Begun, opener?: Button): Promise<boolean> {
    const changed = await change({
      what: 'board',
      base: version,
      ...begun,
      openedFrom: opener || begun.at ? boardId : undefined,
      openedBy: opener?.id,
    });
    const added = changed?.boards.find((b) => changed.added.includes(b.id));
    if (added && !opener) go(added.id);
    return changed !== undefined;
  }

  /** Shows which words would change place by it; what moves none is done at once. */
  async function tryOut(intention: Intention) {
    try {
      const would = await preview(id, version, intention);
      if (would.refusal) void message.warning(would.refusal, 8);
      else if (would.asks) move({ move: 'asked', asked: { ...would.asks, wish: { what: 'edit', base: version, edit: intention }, moving: would.moving } });
      else if (would.moving.length > 0) move({ move: 'preview', intention, moving: would.moving });
      else void edit(intention);
    } catch (error) {
      void message.error(sentence(error), 6);
    }
  }

  /** The button somebody walked away from opens the board that is shown; then it is shown again. */
  async function linkHere({ board: from, button: opener }: { board: string; button: string }) {
    move({ move: 'rest' });
    if (await edit({ type: 'lead-to', board: from, button: opener, leads: { type: 'opens', board: boardId } })) go(from);
  }

  /** Puts the button in hand into a cell of the board that is shown. */
  async function place(cell: Cell) {
    if (state.doing.what !== 'moving') return;
    const { board: from, button: moving } = state.doing;
    move({ move: 'rest' });
    move({ move: 'mark', cell, focus: true });
    await edit({ type: 'move-button', board: from, button: moving, to: boardId, cell });
  }

  async function addPeople(people: Person[]): Promise<boolean> {
    const changed = await change({ what: 'edit', base: version, edit: { type: 'add-people', people } });
    const isFirst = (w: Button) => changed?.added.includes(w.id) && w.label === people[0].name.trim();
    const on = changed?.boards.find((b) => b.buttons.some(isFirst));
    const first = on?.buttons.find(isFirst);
    if (on && first) showAt(on.id, first.cell);
    return changed !== undefined;
  }

  /** A copy as it is today, beside this one; nothing that is done here later changes it. */
  async function keepCopy() {
    try {
      const kept = await copyFor(view.student!.id, { vocabulary: id, name: `${view.name.slice(0, 60)}, ${shortDay()}` });
      void message.success(
        <span>
          {t`Kept as “${kept.name}”.`} <Link to={`/vocabularies/${kept.vocabulary}`}>{t`Look at it`}</Link>
        </span>,
        6,
      );
    } catch (error) {
      void message.error(sentence(error), 6);
    }
  }

  function deleteBoard() {
    const lost =
      line.openers === 0
        ? t`No button opens it.`
        : line.openers === 1
          ? t`Buttons on 1 board open it; they will lead nowhere until you mend them.`
          : t`Buttons on ${line.openers} boards open it; they will lead nowhere until you mend them.`;
    void modal.confirm({
      title: t`Delete the board ${line.name}?`,
      content: t`${line.buttons} buttons go with it. ${lost} Undo brings everything back.`,
      okText: t`Delete the board`,
      cancelText: t`Leave it`,
      onOk: async () => {
        if (await edit({ type: 'delete-board', board: boardId })) go(view.home);
      },
    });
  }

  function fromMenu(what: Chosen) {
    switch (what) {
      case 'delete':
        return deleteBoard();
      case 'keep':
        return void keepCopy();
      case 'copy board':
        return copyBoard();
      case 'list':
        return void beginList({ vocabulary: id, boards: [boardId], student: view.student?.id, name: line.name });
      case 'look':
        return move({ move: 'look' });
      case 'make home':
        return void edit({ type: 'make-home', board: boardId });
      default:
        return move({ move: 'open', dialog: what });
    }
  }

  /** What to do after all about a change that met somebody else's. */
  function settle(conflict: Conflict, how: 'theirs' | 'mine' | 'the one before') {
    move({ move: 'settled' });
    const { wish } = conflict;
    if (how === 'mine' && 'base' in wish) void change({ ...wish, base: conflict.version });
    if (how === 'the one before') void step('undo', (wish.what === 'undo' && wish.before) || steps?.undo?.number);
  }

  return { open, takeOff, newBoard, tryOut, linkHere, place, addPeople, fromMenu, settle };
}

export type Actions = ReturnType<typeof useActions>;
