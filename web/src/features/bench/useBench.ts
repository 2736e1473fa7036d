import { App } from 'antd';
import { useCallback, useEffect, useMemo, useReducer, useRef } from 'react';
import { useNavigate } from 'react-router';
import { Problem, sentence } from '../../api/client';
import type { Cell, Changed, Intention } from '../../api/types';
import { useChanges, type Wish } from '../../data/boards';
import { newWordsStep } from '../../data/plan';
import { buttonAt } from '../../drawn/grid';
import { useUndoKeys } from '../../shell/undoKeys';
import { begin, markedOn, moved } from './bench';
import { may } from '../../data/may';
import type { BenchRoom, Shown } from './room';

/**
 * The bench's state with its moves, and how what is shown is changed. The state lasts while a board is on its way: who walks with a button
 * in hand goes on doing so. `room`: none until something is shown.
 */
export function useBench(id: number, boardId: string, shown?: Shown) {
  const { message } = App.useApp();
  const navigate = useNavigate();
  const { mutateAsync } = useChanges(id);
  const [state, move] = useReducer(moved, boardId, begin);
  const view = shown?.view;
  const board = shown?.board;
  const version = view?.version ?? 0;
  const mayEdit = may(view, 'CHANGE');

  const go = useCallback((to: string) => void navigate(`/vocabularies/${id}/boards/${encodeURIComponent(to)}`), [navigate, id]);

  const change = useCallback(
    async (wish: Wish): Promise<Changed | undefined> => {
      try {
        return await mutateAsync({ ...wish, step: wish.step ?? (view && newWordsStep(view)?.id) });
      } catch (error) {
        if (error instanceof Problem && error.asks) move({ move: 'asked', asked: { sentence: error.message, wish, ...error.asks } });
        else if (error instanceof Problem && error.conflict) move({ move: 'met', conflict: { sentence: error.message, ...error.conflict, wish } });
        else void message.error(sentence(error), 6);
        return undefined;
      }
    },
    [mutateAsync, message, view],
  );
  const edit = useCallback((made: Intention, base = version) => change({ what: 'edit', base, edit: made }), [change, version]);
  const step = useCallback(
    async (what: 'undo' | 'redo', before?: number) => {
      const changed = await change(what === 'undo' ? { what, before } : { what });
      if (changed?.order && !changed.order.includes(boardId)) go(changed.vocabulary.home);
    },
    [change, boardId, go],
  );
  useUndoKeys(mayEdit, step);

  /** The cell to be marked on a board that is on its way. */
  const showing = useRef<{ board: string; cell: Cell }>(undefined);
  const showAt = useCallback(
    (to: string, cell: Cell) => {
      if (to !== boardId) showing.current = { board: to, cell };
      else move({ move: 'mark', cell, focus: true });
      go(to);
    },
    [boardId, go],
  );
  useEffect(() => {
    if (shown) move({ move: 'opened', board: shown.board, keptFree: shown.line.keptFree });
    if (shown && showing.current?.board === shown.board.id) {
      move({ move: 'mark', cell: showing.current.cell, focus: true });
      showing.current = undefined;
    }
    // Only another board is opened; a colleague's change to this one leaves the mark where it is.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [shown?.board.id]);

  const rest = useCallback(() => move({ move: 'rest', focus: true }), []);
  const room = useMemo((): BenchRoom | undefined => {
    if (!shown || !board) return undefined;
    const marked = markedOn(state, board);
    return {
      ...shown,
      id,
      boardId,
      version,
      mayEdit,
      state,
      move,
      rest,
      change,
      edit,
      step,
      go,
      showAt,
      marked,
      button: buttonAt(board, marked),
      chosen: board.buttons.filter((b) => state.chosen.includes(b.id)),
    };
  }, [shown, board, id, boardId, version, mayEdit, state, rest, change, edit, step, go, showAt]);
  return { room, move, mayEdit };
}
