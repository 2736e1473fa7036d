import { useCallback, useMemo, useState, type KeyboardEvent as ReactKeyboardEvent, type RefObject } from 'react';
import type { Button, Cell } from '../../api/types';
import { sameCell } from '../../data/cells';
import { onOneLine } from '../../data/typed';
import type { Overlay } from '../../drawn/overlay';
import { arrow, freeCells, nextEmpty, openingFrom, tab } from '../../drawn/grid';
import type { LensAtWork } from '../lens';
import { NewWords } from '../reveal';
import { typed } from './bench';
import { BoardGrid } from './BoardGrid';
import { DoingBar } from './DoingBar';
import { usePutting } from './putting';
import { useRoom } from './room';
import { StageRoom } from './StageRoom';
import type { Actions } from './useActions';
import type { Elsewhere } from './WordAdvice';
import { WordLine } from './WordLine';
import bench from '../../shell/bench.module.css';

interface Props {
  lens: LensAtWork;
  overlays: Map<string, Overlay>;
  actions: Actions;
  side: RefObject<HTMLElement | null>;
  wordLine: RefObject<HTMLInputElement | null>;
}

/** In the middle: what is under way, the board, and the line into which words are typed. */
export function Stage({ lens, overlays, actions, side, wordLine }: Props) {
  const { boardId, view, line, board, mayEdit, state, rest, change, edit, go, marked } = useRoom();
  const looks = useMemo(() => ({ look: view.look, papers: view.papers }), [view.look, view.papers]);
  const carried = state.doing.what === 'moving';
  const next = nextEmpty(board, marked, line.keptFree);
  const on = useCells(side, wordLine);
  return (
    <main className={bench.stage}>
      <DoingBar
        doing={state.doing}
        boardId={boardId}
        onLink={(opener) => void actions.linkHere(opener)}
        onDo={(intention) => {
          rest();
          void edit(intention);
        }}
        onSure={(wish) => {
          rest();
          void change(wish);
        }}
        onLeave={(to) => {
          rest();
          if (to) go(to);
        }}
      />
      <StageRoom ratio={view.layout.screenWidthMm / (view.layout.screenHeightMm * (1 - view.layout.message))}>
        {lens.instead || (
          <BoardGrid
            board={board}
            looks={looks}
            overlays={overlays}
            marked={marked}
            chosen={state.chosen}
            next={mayEdit ? next : undefined}
            focus={state.focus}
            onMark={on.mark}
            onOpen={actions.open}
            onType={on.type}
            onTakeOff={actions.takeOff}
            onRename={on.rename}
            onKey={on.key}
            onMove={mayEdit && !lens.paints ? on.moveButton : undefined}
            onPaint={lens.onPaint}
            over={lens.over}
            placing={carried ? (cell) => void actions.place(cell) : undefined}
            onChoose={mayEdit && !carried ? on.choose : undefined}
            onChooseAll={mayEdit ? on.chooseAll : undefined}
            onBand={mayEdit && !carried ? on.band : undefined}
            onBoardDropped={mayEdit ? on.boardDropped : undefined}
          />
        )}
      </StageRoom>
      {lens.below}
      {mayEdit && !lens.below && <Line next={next} wordLine={wordLine} />}
    </main>
  );
}

/** What a person does on the cells, each the same as long as it does the same: the board is drawn anew only when something is other. */
function useCells(side: RefObject<HTMLElement | null>, wordLine: RefObject<HTMLInputElement | null>) {
  const { boardId, view, board, mayEdit, move, edit } = useRoom();
  return {
    mark: useCallback((cell: Cell) => move({ move: 'mark', cell }), [move]),
    rename: useCallback(() => {
      if (mayEdit) move({ move: 'rename' });
    }, [mayEdit, move]),
    type: useCallback(
      (letters: string) => {
        if (!mayEdit) return;
        move({ move: 'type', text: onOneLine(letters) });
        wordLine.current?.focus();
      },
      [mayEdit, move, wordLine],
    ),
    moveButton: useCallback(
      (moving: Button, to: Cell) => {
        void edit({ type: 'move-button', board: boardId, button: moving.id, to: boardId, cell: to });
      },
      [edit, boardId],
    ),
    choose: useCallback((cell: Cell, how: 'this too' | 'up to here') => move({ move: 'choose', board, cell, how }), [move, board]),
    chooseAll: useCallback(() => move({ move: 'choose all', ids: board.buttons.map((b) => b.id) }), [move, board]),
    band: useCallback((ids: string[]) => move({ move: 'choose all', ids }), [move]),
    boardDropped: useCallback(
      (dropped: string, cell: Cell) => {
        void edit(openingFrom(board, cell, dropped, view.boards.find((b) => b.id === dropped)?.name));
      },
      [board, edit, view],
    ),
    key: useCallback(
      (key: string) => {
        const dialog = ({ '?': 'shortcuts', '=': 'words', '+': 'person', '<': 'history' } as const)[key];
        if (dialog && (dialog !== 'person' || mayEdit)) move({ move: 'open', dialog });
        else if (key === '*' && mayEdit) move({ move: 'choose picture' });
        else if (key === 'Escape') side.current?.focus();
      },
      [mayEdit, move, side],
    ),
  };
}

/** The word line, and where its words go. */
function Line({ next, wordLine }: { next?: Cell; wordLine: RefObject<HTMLInputElement | null> }) {
  const { id, boardId, version, view, line, board, state, move, change, go, marked } = useRoom();
  const putOn = usePutting();
  const [went, tellWent] = useState<Elsewhere & { from: string }>();
  const { text, picture } = typed(state);
  const putting = putOn({ board, line, version, from: next ?? marked, change, move, onWent: (to) => tellWent({ ...to, from: boardId }) });

  function leave(event?: ReactKeyboardEvent) {
    const to = event && (event.key === 'Tab' ? tab(board, marked, event.shiftKey) : arrow(board, marked, event.key));
    if (event && !to) return;
    event?.preventDefault();
    if (to) move({ move: 'mark', cell: to });
    move({ move: 'rest', focus: true });
  }

  return (
    <WordLine
      ref={wordLine}
      vocabulary={id}
      version={version}
      board={boardId}
      free={freeCells(board, line.keptFree)}
      kept={next !== undefined && line.keptFree.some((k) => sameCell(k, next))}
      went={went?.from === boardId ? went : undefined}
      onGo={go}
      onWay={(way) => void putting.putOnWay(text, way, picture)}
      text={text}
      next={next}
      boardName={board.name}
      language={view.locale}
      picture={picture}
      onText={(t) => move({ move: 'type', text: t })}
      onPicture={(p) => {
        move({ move: 'pick', picture: p });
        wordLine.current?.focus();
      }}
      onFill={putting.fill}
      onSeek={(t) => void putting.putAndSeek(t)}
      onPut={(t, p) => void putting.put(t, p)}
      onLeave={leave}
      newWords={<NewWords view={view} />}
    />
  );
}
