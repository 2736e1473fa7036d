import { App, Button as PlainButton, Modal, Tooltip } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useReducer, useRef, useState, type KeyboardEvent as ReactKeyboardEvent } from 'react';
import { Link, Navigate, useLocation, useNavigate, useParams, useSearchParams } from 'react-router';
import { Problem, sentence } from '../../api/client';
import type { Board, BoardLine, Button, Cell, Changed, Intention, Steps, Version, VocabularyView } from '../../api/types';
import { shortDay } from '../../shell/time';
import { useUndoKeys } from '../../shell/undoKeys';
import { ArtOf } from '../../drawn/art';
import { copyFor } from '../../data/starters';
import { Credits } from '../picture';
import { credits } from '../../data/pictures';
import { AboutBoard } from './AboutBoard';
import { ChainBoards } from './ChainBoards';
import { CopyFor } from './CopyFor';
import { LookSide } from './LookSide';
import { NewBoard, type Begun } from './NewBoard';
import { begin, markedOn, moved, typed, type Conflict } from './bench';
import { BenchMenu, type Chosen } from './BenchMenu';
import { useOtherVocabularies } from '../../data/students';
import { BoardGrid } from './BoardGrid';
import { DoingBar } from './DoingBar';
import { ChosenSide } from './ChosenSide';
import { onClipboard } from './copied';
import { useCopying } from './copying';
import { BoardList } from '../boardlist';
import { board as boardQuery, steps as stepsQuery, useChanges, vocabulary as vocabularyQuery, useHeard, type Wish, preview, reachOf } from '../../data/boards';
import { ButtonSentence } from './ButtonSentence';
import { ConflictDialog } from './ConflictDialog';
import { Findings } from './Findings';
import { Frame } from './Frame';
import { arrow, buttonAt, freeCells, nextEmpty, openingFrom, tab } from '../../drawn/grid';
import { sameCell } from '../../data/cells';
import { WhoIsHere } from './WhoIsHere';
import { lensOf, withMoves, type LensName } from './lenses';
import { LensBar, LensSide } from './LensSide';
import { onOneLine } from '../../data/typed';
import { usePutting } from './putting';
import { useLive } from '../../shell/live';
import { PathBar } from './PathBar';
import { AddPerson } from './AddPerson';
import type { Person } from './people';
import { History } from './History';
import { ComparedBar, PlacesSide, Arrows, usePlaces } from '../place';
import { Appeared, NewWords, ProposePlan, RevealSide, StepsBar, useReveal } from '../reveal';
import { Facts } from '../fact';
import { newWordsStep } from '../../data/plan';
import { useBegin } from '../../data/lists';
import { BoardPicture } from '../../drawn/BoardPicture';
import { Shortcuts } from './Shortcuts';
import { StageRoom } from './StageRoom';
import { Words } from './Words';
import type { Elsewhere } from './WordAdvice';
import { WordLine } from './WordLine';
import bench from '../../shell/bench.module.css';
import parts from '../../shell/parts.module.css';

/** A board together with the vocabulary it is a part of, as they were at one version: what a person sees, and so means. */
interface Shown {
  view: VocabularyView;
  line: BoardLine;
  board: Board;
}

/** Finds the vocabulary and the board of the address, and puts them on the bench. */
export default function BenchPage() {
  const params = useParams();
  const id = Number(params.vocabulary);
  const { search } = useLocation();
  const view = useQuery(vocabularyQuery(id));
  const boardId = params.board ?? view.data?.home ?? '';
  const line = view.data?.boards.find((b) => b.id === boardId);
  const board = useQuery({ ...boardQuery(id, boardId, line?.revision), retry: false });
  const last = useRef<Shown>(undefined);
  if (view.data && line && board.data) last.current = { view: view.data, line, board: board.data };
  const shown = last.current?.view.id === id && last.current.board.id === boardId ? last.current : undefined;
  const error = view.error ?? board.error;

  if (view.data && (!line || !params.board))
    return <Navigate to={`/vocabularies/${id}/boards/${encodeURIComponent(view.data.home)}${search}`} replace />;
  if (error && !shown)
    return (
      <main className={parts.lone}>
        <h1>These boards cannot be shown</h1>
        <p role="alert">{sentence(error)}</p>
      </main>
    );
  return (
    <ArtOf art={view.data?.art ?? 'colour.yellow.usual'} vocabulary={id}>
      <Bench key={id} id={id} boardId={boardId} shown={shown} />
    </ArtOf>
  );
}

function Bench({ id, boardId, shown }: { id: number; boardId: string; shown?: Shown }) {
  const { message, modal } = App.useApp();
  const navigate = useNavigate();
  const changes = useChanges(id);
  const steps = useQuery(stepsQuery(id));
  useOtherVocabularies(shown?.view);
  const here = useLive('vocabularies', id, boardId, useHeard(id));
  const [state, move] = useReducer(moved, boardId, begin);
  const wordLine = useRef<HTMLInputElement>(null);
  const side = useRef<HTMLElement>(null);
  const putOn = usePutting();
  const beginList = useBegin();
  const [went, tellWent] = useState<Elsewhere & { from: string }>();
  /** The version before the student was moved to another step, while what is new to see is told. */
  const [appeared, setAppeared] = useState<number>();
  const setWent = (to: Elsewhere) => tellWent({ ...to, from: boardId });

  const go = useCallback((to: string) => void navigate(`/vocabularies/${id}/boards/${encodeURIComponent(to)}`), [navigate, id]);

  const planned = useRef<VocabularyView>(undefined);
  planned.current = shown?.view;
  const change = useCallback(
    async (wish: Wish): Promise<Changed | undefined> => {
      try {
        return await changes.mutateAsync({ ...wish, step: wish.step ?? (planned.current && newWordsStep(planned.current)?.id) });
      } catch (error) {
        if (error instanceof Problem && error.asks) move({ move: 'asked', asked: { sentence: error.message, wish, ...error.asks } });
        else if (error instanceof Problem && error.conflict) move({ move: 'met', conflict: { sentence: error.message, ...error.conflict, wish } });
        else void message.error(sentence(error), 6);
        return undefined;
      }
    },
    [changes.mutateAsync, message],
  );

  const keptFree = shown?.line.keptFree;
  /** The cell to be marked on a board that is on its way. */
  const showing = useRef<{ board: string; cell: Cell }>(undefined);
  useEffect(() => {
    if (shown) move({ move: 'opened', board: shown.board, keptFree: shown.line.keptFree });
    if (shown && showing.current?.board === shown.board.id) {
      move({ move: 'mark', cell: showing.current.cell, focus: true });
      showing.current = undefined;
    }
    // Only another board is opened; a colleague's change to this one leaves the mark where it is.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [shown?.board.id]);

  const mayEdit = shown !== undefined && shown.view.role !== 'VIEWER';
  const home = shown?.view.home;
  const step = useCallback(
    async (what: 'undo' | 'redo', before?: number) => {
      const changed = await change(what === 'undo' ? { what, before } : { what });
      if (changed?.order && !changed.order.includes(boardId)) go(changed.vocabulary.home);
    },
    [change, boardId, go],
  );

  useUndoKeys(mayEdit, step);

  const onMark = useCallback((cell: Cell) => move({ move: 'mark', cell }), []);
  const onRename = useCallback(() => {
    if (mayEdit) move({ move: 'rename' });
  }, [mayEdit]);
  const onType = useCallback(
    (letters: string) => {
      if (!mayEdit) return;
      move({ move: 'type', text: onOneLine(letters) });
      wordLine.current?.focus();
    },
    [mayEdit],
  );
  const view = shown?.view;
  const onOpen = useCallback(
    (from: Button) => {
      if (from.leads.type === 'home' && home) go(home);
      if (from.leads.type !== 'opens') return;
      const to = from.leads.board;
      if (view?.boards.some((b) => b.id === to)) go(to);
      else void message.warning(`“${from.label}” opens a board that is not there. Mend it on the right.`);
    },
    [go, home, view, message],
  );
  const version = view?.version ?? 0;
  const edit = useCallback((made: Intention, base = version) => change({ what: 'edit', base, edit: made }), [change, version]);
  /** Ids of what is chosen together, for what is done by key. */
  const together = useRef(state.chosen);
  together.current = state.chosen;
  const onTakeOff = useCallback(
    (gone: Button) => {
      const all = together.current.includes(gone.id) ? together.current : [gone.id];
      const each = all.map((button) => ({ type: 'take-off' as const, board: boardId, button }));
      if (mayEdit) void edit(each.length === 1 ? each[0] : { type: 'several', intentions: each });
    },
    [mayEdit, edit, boardId],
  );
  const onMoveButton = useCallback(
    (moving: Button, to: Cell) => {
      void edit({ type: 'move-button', board: boardId, button: moving.id, to: boardId, cell: to });
    },
    [edit, boardId],
  );
  const board = shown?.board;
  const onChoose = useCallback(
    (cell: Cell, how: 'this too' | 'up to here') => {
      if (board) move({ move: 'choose', board, cell, how });
    },
    [board],
  );
  const onChooseAll = useCallback(() => {
    if (board) move({ move: 'choose all', ids: board.buttons.map((b) => b.id) });
  }, [board]);
  const [search] = useSearchParams();
  const [lens, setLens] = useState<LensName>(search.get('lens') === 'Reveal' ? 'Reveal' : 'Words');
  const costs = useQuery({ ...reachOf(id, version, boardId), enabled: lens === 'Reach' && shown !== undefined }).data?.here;
  const moving = state.doing.what === 'previewing' ? state.doing.moving : state.doing.what === 'asked' ? state.doing.asked.moving : undefined;
  const revealing = useReveal(view, board, lens === 'Reveal', edit);
  const placing = usePlaces(view, board, lens === 'Places');
  const other = lens === 'Reveal' ? revealing.lens : placing.lens;
  const overlays = useMemo(
    () => (view && board ? withMoves(lensOf(lens, costs, other)(view, board), board, moving) : undefined),
    [view, board, lens, costs, other, moving],
  );
  const looks = useMemo(() => ({ look: view?.look ?? {}, papers: view?.papers ?? {} }), [view?.look, view?.papers]);
  const onBand = useCallback((ids: string[]) => move({ move: 'choose all', ids }), []);
  const onBoardDropped = useCallback(
    (dropped: string, cell: Cell) => {
      if (board) void edit(openingFrom(board, cell, dropped, view?.boards.find((b) => b.id === dropped)?.name));
    },
    [board, edit, view],
  );
  const onKey = useCallback(
    (key: string) => {
      const dialog = ({ '?': 'shortcuts', '=': 'words', '+': 'person', '<': 'history' } as const)[key];
      if (dialog && (dialog !== 'person' || mayEdit)) move({ move: 'open', dialog });
      else if (key === '*' && mayEdit) move({ move: 'choose picture' });
      else if (key === 'Escape') side.current?.focus();
    },
    [mayEdit],
  );

  const markedCell = board && markedOn(state, board);
  const underMark = board && markedCell ? buttonAt(board, markedCell) : undefined;
  const chosen = board?.buttons.filter((b) => state.chosen.includes(b.id)) ?? [];
  const copying = useCopying({
    vocabulary: id,
    version,
    boardId,
    board,
    boardName: shown?.line.name ?? '',
    marked: markedCell,
    change,
    buttons: chosen.length > 0 ? chosen : underMark ? [underMark] : [],
    onNewBoard: (begun) => void newBoard(begun),
    onShow: (to, cell) => showAt(to, cell),
  });

  /** What the keys for copy, cut and paste do now, wherever on the bench the focus is. */
  const clipboard = useRef<{ copy: (cut: boolean) => void; paste: (text: string) => void }>(undefined);
  useEffect(() => onClipboard(() => clipboard.current), []);

  if (!shown || !board || !view || !keptFree || !overlays) return <Frame />;
  const { line } = shown;
  const marked = markedOn(state, board);
  const button = buttonAt(board, marked);
  const next = nextEmpty(board, marked, keptFree);
  const { text, picture } = typed(state);
  const putting = putOn({ board, line, version, from: next ?? marked, change, move, onWent: setWent });

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
      else if (would.asks)
        move({ move: 'asked', asked: { ...would.asks, wish: { what: 'edit', base: version, edit: intention }, moving: would.moving } });
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

  function showAt(to: string, cell: Cell) {
    if (to !== boardId) showing.current = { board: to, cell };
    else move({ move: 'mark', cell, focus: true });
    go(to);
  }

  /** One action: the student is at another step, and what is new to see is told. */
  async function moveOn(to: { id: string }) {
    const before = version;
    if (await edit({ type: 'go-to-step', step: to.id })) setAppeared(before);
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
      const kept = await copyFor(view!.student!.id, { vocabulary: id, name: `${view!.name.slice(0, 60)}, ${shortDay()}` });
      void message.success(
        <span>
          Kept as “{kept.name}”. <Link to={`/vocabularies/${kept.vocabulary}`}>Look at it</Link>
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
        ? 'No button opens it.'
        : line.openers === 1
          ? 'Buttons on 1 board open it; they will lead nowhere until you mend them.'
          : `Buttons on ${line.openers} boards open it; they will lead nowhere until you mend them.`;
    void modal.confirm({
      title: `Delete the board ${line.name}?`,
      content: `${line.buttons} buttons go with it. ${lost} Undo brings everything back.`,
      okText: 'Delete the board',
      cancelText: 'Leave it',
      onOk: async () => {
        if (await edit({ type: 'delete-board', board: boardId })) go(view!.home);
      },
    });
  }

  function chooseFromMenu(chosen: Chosen) {
    switch (chosen) {
      case 'delete':
        return deleteBoard();
      case 'keep':
        return void keepCopy();
      case 'copy board':
        return copying.copyBoard();
      case 'list':
        return void beginList({ vocabulary: id, boards: [boardId], student: view!.student?.id, name: line.name });
      case 'look':
        return move({ move: 'look' });
      case 'make home':
        return void edit({ type: 'make-home', board: boardId });
      default:
        return move({ move: 'open', dialog: chosen });
    }
  }

  function leaveWordLine(event?: ReactKeyboardEvent) {
    const to = event && (event.key === 'Tab' ? tab(board!, marked, event.shiftKey) : arrow(board!, marked, event.key));
    if (event && !to) return;
    event?.preventDefault();
    if (to) move({ move: 'mark', cell: to });
    move({ move: 'rest', focus: true });
  }

  /** Back from beside the board to the cell that is marked; not out of what opens over the board, and of no open list. */
  function leaveSide(event: ReactKeyboardEvent) {
    const from = event.target as HTMLElement;
    if (event.key === 'Escape' && event.currentTarget.contains(from) && from.getAttribute('aria-expanded') !== 'true') move({ move: 'rest', focus: true });
  }

  /** What to do after all about a change that met somebody else's. */
  function settle(conflict: Conflict, how: 'theirs' | 'mine' | 'the one before') {
    move({ move: 'settled' });
    const { wish } = conflict;
    if (how === 'mine' && 'base' in wish) void change({ ...wish, base: conflict.version });
    if (how === 'the one before') void step('undo', (wish.what === 'undo' && wish.before) || steps.data?.undo?.number);
  }

  const carried = state.doing.what === 'moving' ? state.doing : undefined;
  const dialog = state.doing.what === 'in a dialog' ? state.doing.dialog : undefined;
  clipboard.current =
    mayEdit && !dialog
      ? {
          copy: copying.copy,
          paste: (text) => {
            if (!copying.paste(text)) onType(text);
          },
        }
      : undefined;
  const rest = () => move({ move: 'rest', focus: true });
  const conflict = state.conflicts[0];
  const alone = new Set(here.map((h) => h.account)).size < 2;
  return (
    <div className={bench.bench} data-ready>
      <PathBar view={view} line={line} mayEdit={mayEdit} onRename={(name) => void edit({ type: 'rename-vocabulary', name })}>
        <WhoIsHere here={here} view={view} board={boardId} onGo={go} />
        <span className={`${parts.quiet} ${bench.kept}`}>
          {mayEdit
            ? `${alone ? 'Kept as you go' : 'Kept'} · version ${view.version}`
            : view.starter
              ? 'A starter, to be copied'
              : 'You can look and talk'}
        </span>
        {mayEdit && <UndoAndRedo steps={steps.data} onStep={(what) => void step(what)} />}
        <PlainButton onClick={() => void navigate(`/vocabularies/${id}/boards/${encodeURIComponent(boardId)}/print`)}>Print</PlainButton>
        <BenchMenu view={view} boardId={boardId} mayEdit={mayEdit} onChoose={chooseFromMenu} />
        <PlainButton type="primary" onClick={() => void navigate(`/vocabularies/${id}/talk?board=${encodeURIComponent(boardId)}`)}>
          Talk
        </PlainButton>
      </PathBar>
      <div className={bench.benchBody}>
        <BoardList view={view} mayEdit={mayEdit} counted={lens === 'Reveal'} onAdd={() => move({ move: 'open', dialog: 'board' })}>
          <LensBar lens={lens} onLens={setLens} />
          <div className={bench.boardDoors}>
            <button type="button" className={parts.dotted} onClick={() => void navigate(`/vocabularies/${id}/map`)}>
              map of boards
            </button>
            <button type="button" className={parts.dotted} onClick={() => move({ move: 'open', dialog: 'words' })}>
              find a word
            </button>
            {mayEdit && (
              <button type="button" className={parts.dotted} onClick={() => move({ move: 'open', dialog: 'person' })}>
                add a person
              </button>
            )}
            <button type="button" className={parts.dotted} onClick={() => move({ move: 'open', dialog: 'history' })}>
              what happened
            </button>
          </div>
        </BoardList>
        <main className={bench.stage}>
          <DoingBar
            doing={state.doing}
            boardId={boardId}
            onLink={(opener) => void linkHere(opener)}
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
            {placing.flipped && placing.then ? (
              <div className={`${bench.benchMat} ${bench.asItWas}`}>
                <BoardPicture board={placing.then} looks={looks} label={`${board.name} as it was`} />
              </div>
            ) : (
              <BoardGrid
                board={board}
                looks={looks}
                overlays={overlays}
                marked={marked}
                chosen={state.chosen}
                next={mayEdit ? next : undefined}
                focus={state.focus}
                onMark={onMark}
                onOpen={onOpen}
                onType={onType}
                onTakeOff={onTakeOff}
                onRename={onRename}
                onKey={onKey}
                onMove={mayEdit && lens !== 'Reveal' ? onMoveButton : undefined}
                onPaint={mayEdit ? revealing.onPaint : undefined}
                over={lens === 'Places' && <Arrows board={board} arrows={placing.arrows} />}
                placing={carried ? place : undefined}
                onChoose={mayEdit && !carried ? onChoose : undefined}
                onChooseAll={mayEdit ? onChooseAll : undefined}
                onBand={mayEdit && !carried ? onBand : undefined}
                onBoardDropped={mayEdit ? onBoardDropped : undefined}
              />
            )}
          </StageRoom>
          {lens === 'Reveal' && (
            <StepsBar
              view={view}
              mayEdit={mayEdit}
              inHand={revealing.inHand?.id}
              onInHand={revealing.take}
              onEdit={edit}
              onMoveOn={(to) => void moveOn(to)}
            />
          )}
          {lens === 'Places' && (
            <ComparedBar
              view={view}
              compared={placing.compared}
              onCompare={placing.onCompare}
              flipped={placing.flipped}
              onFlip={placing.flip}
              mayFlip={placing.then !== undefined}
            />
          )}
          {mayEdit && lens !== 'Reveal' && lens !== 'Places' && (
            <WordLine
              ref={wordLine}
              vocabulary={id}
              version={version}
              board={boardId}
              free={freeCells(board, keptFree)}
              kept={next !== undefined && keptFree.some((k) => sameCell(k, next))}
              went={went?.from === boardId ? went : undefined}
              onGo={go}
              onWay={(way) => void putting.putOnWay(text, way, picture)}
              text={text}
              next={next}
              boardName={board.name}
              student={view.student?.id}
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
              onLeave={leaveWordLine}
              newWords={<NewWords view={view} />}
            />
          )}
        </main>
        <aside ref={side} tabIndex={-1} onKeyDown={leaveSide} className={bench.side} aria-label="What is marked">
          {state.doing.what === 'looking' && mayEdit ? (
            <LookSide
              key={button?.id ?? 'board'}
              view={view}
              board={board}
              buttons={chosen.length > 1 ? chosen : button ? [button] : []}
              onEdit={(made) => void edit(made)}
              onDone={rest}
            />
          ) : lens === 'Reveal' && revealing.revealed ? (
            <RevealSide
              view={view}
              board={board}
              button={button}
              chosen={chosen}
              mayEdit={mayEdit}
              revealed={revealing.revealed}
              inHand={revealing.inHand?.id}
              onEdit={edit}
              onShow={showAt}
              onPropose={() => move({ move: 'open', dialog: 'propose' })}
              onFacts={() => move({ move: 'open', dialog: 'facts' })}
            />
          ) : lens === 'Places' ? (
            <PlacesSide
              board={board}
              compared={placing.comparison}
              other={placing.compared}
              mayEdit={mayEdit}
              onShow={showAt}
              onPutBack={(what) => void change({ what: 'put back', base: version, version: placing.compared.then!, ...what })}
            />
          ) : chosen.length > 1 ? (
            <ChosenSide
              buttons={chosen}
              line={line}
              view={view}
              onEdit={(made) => void edit(made)}
              onCopy={() => copying.copy(false)}
              onNone={() => move({ move: 'choose all', ids: [] })}
              onLook={() => move({ move: 'look' })}
              onCopyTo={(to) => void copying.copyTo({ board: boardId, buttons: chosen.map((b) => b.id) }, to)}
            />
          ) : button ? (
            <ButtonSentence
              key={button.id}
              button={button}
              board={board}
              line={line}
              view={view}
              mayEdit={mayEdit}
              doing={state.doing}
              onDoing={(what) =>
                move(
                  what === 'renaming'
                    ? { move: 'rename' }
                    : what === 'choosing a picture'
                      ? { move: 'choose picture' }
                      : { move: 'rest', focus: true },
                )
              }
              onChange={(made, base) => void edit(made, base)}
              onNewBoard={(name, opener) => void newBoard({ name }, opener)}
              onOpen={onOpen}
              onTakeOff={onTakeOff}
              onWalk={(from) => move({ move: 'link', board: boardId, button: from.id, label: from.label })}
              onCarry={(from) => move({ move: 'carry', board: boardId, button: from.id, label: from.label || 'The picture' })}
              onTry={(made) => void tryOut(made)}
              onLook={() => move({ move: 'look' })}
              onChooseMore={(ids) => move({ move: 'choose all', ids })}
            />
          ) : (
            <AboutBoard
              view={view}
              board={board}
              line={line}
              cell={marked}
              mayEdit={mayEdit}
              onRename={(name) => void edit({ type: 'rename-board', board: boardId, name })}
              onLook={() => move({ move: 'look' })}
              onTry={(made) => void tryOut(made)}
              onEdit={(made) => void edit(made).then((changed) => changed && move({ move: 'mark', cell: marked, focus: true }))}
            />
          )}
          <LensSide lens={lens} view={view} board={board} onShow={go} />
          {lens !== 'Reveal' && lens !== 'Places' && <Findings view={view} boardId={boardId} mayEdit={mayEdit} onMend={(made) => void edit(made)} />}
        </aside>
      </div>
      {appeared !== undefined && <Appeared view={view} since={appeared} onClose={() => setAppeared(undefined)} />}
      {dialog === 'credits' && <Credits of={credits(id)} name={view.name} onClose={rest} />}
      {dialog === 'board' && (
        <NewBoard
          view={view}
          boardName={line.name}
          free={button || keptFree.some((k) => sameCell(k, marked)) ? undefined : marked}
          onClose={rest}
          onMake={newBoard}
        />
      )}
      {dialog === 'chain' && (
        <ChainBoards
          view={view}
          begin={boardId}
          onClose={rest}
          onChain={async (boards) => (await edit({ type: 'chain-boards', boards, next: 'next', first: 'first again' })) !== undefined}
        />
      )}
      {dialog === 'copy' && <CopyFor view={view} onClose={rest} />}
      {dialog === 'shortcuts' && <Shortcuts onClose={rest} />}
      {dialog === 'words' && (
        <Words
          view={view}
          mayEdit={mayEdit}
          onClose={rest}
          onGo={(to, cell) => {
            rest();
            showAt(to, cell);
          }}
          onEdit={async (made) => (await edit(made)) !== undefined}
        />
      )}
      {dialog === 'propose' && <ProposePlan view={view} onClose={rest} onEdit={edit} />}
      {dialog === 'facts' && view.student && (
        <Modal open title={`Facts about ${view.student.name}`} footer={null} onCancel={rest} width={640}>
          <Facts student={view.student} vocabulary={{ id, version, step: view.plan.steps[view.plan.at - 1]?.id }} onEdit={edit} />
        </Modal>
      )}
      {dialog === 'person' && <AddPerson view={view} onClose={rest} onAdd={addPeople} />}
      {dialog === 'history' && (
        <History
          view={view}
          boardId={boardId}
          mayEdit={mayEdit}
          onClose={rest}
          onGoBack={(to) => {
            rest();
            void change({ what: 'go back', base: version, version: to });
          }}
        />
      )}
      {conflict && <ConflictDialog conflict={conflict} onSettle={(how) => settle(conflict, how)} />}
    </div>
  );
}

function UndoAndRedo({ steps, onStep }: { steps?: Steps; onStep: (what: 'undo' | 'redo') => void }) {
  return (
    <>
      {(['undo', 'redo'] as const).map((what) => {
        const title = stepTitle(what, steps?.[what]);
        return (
          <Tooltip key={what} title={title}>
            <PlainButton aria-label={title} disabled={!steps?.[what]} onClick={() => onStep(what)}>
              {what === 'undo' ? '↶' : '↷'}
            </PlainButton>
          </Tooltip>
        );
      })}
    </>
  );
}

/** Only one's own changes can be taken back, so nobody is named. */
function stepTitle(what: 'undo' | 'redo', version?: Version): string {
  const word = what === 'undo' ? 'Undo' : 'Redo';
  return version ? `${word}: you ${version.summary}` : `Nothing of yours to ${word.toLowerCase()}`;
}
