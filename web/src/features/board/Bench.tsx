import { App, Button as PlainButton, Dropdown, Tooltip } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useReducer, useRef, type KeyboardEvent as ReactKeyboardEvent } from 'react';
import { Navigate, useNavigate, useParams } from 'react-router';
import { Problem, sentence } from '../../api/client';
import type { Board, BoardLine, Button, Cell, Changed, Intention, Steps, Version, VocabularyView } from '../../api/types';
import { ArtOf } from '../picture/art';
import { Credits } from '../picture/Credits';
import { AboutBoard } from './AboutBoard';
import { begin, markedOn, moved, typed, type Conflict } from './bench';
import { BoardGrid } from './BoardGrid';
import { BoardList } from './BoardList';
import { board as boardQuery, steps as stepsQuery, useChanges, vocabulary as vocabularyQuery, type Wish } from './boards';
import { ButtonSentence } from './ButtonSentence';
import { ConflictDialog } from './ConflictDialog';
import { Findings } from './Findings';
import { Frame } from './Frame';
import { arrow, buttonAt, nextEmpty, tab } from './grid';
import { WhoIsHere } from './WhoIsHere';
import { words as wordsLens } from './lenses';
import { onOneLine } from './list';
import { useLive } from './live';
import { PathBar } from './PathBar';
import { WordLine } from './WordLine';
import bench from './bench.module.css';
import parts from '../../shell/parts.module.css';

/** A board together with the vocabulary it is a part of, as they were at one version: what a person sees, and so means. */
interface Shown { view: VocabularyView; line: BoardLine; board: Board }

/** Finds the vocabulary and the board of the address, and puts them on the bench. */
export default function BenchPage() {
  const params = useParams();
  const id = Number(params.vocabulary);
  const view = useQuery(vocabularyQuery(id));
  const boardId = params.board ?? view.data?.home ?? '';
  const line = view.data?.boards.find((b) => b.id === boardId);
  const board = useQuery({ ...boardQuery(id, boardId, line?.revision), retry: false });
  const last = useRef<Shown>(undefined);
  if (view.data && line && board.data) last.current = { view: view.data, line, board: board.data };
  const shown = last.current?.view.id === id && last.current.board.id === boardId ? last.current : undefined;
  const error = view.error ?? board.error;

  if (view.data && !line) return <Navigate to={`/vocabularies/${id}/boards/${encodeURIComponent(view.data.home)}`} replace />;
  if (view.data && !params.board) return <Navigate to={`/vocabularies/${id}/boards/${encodeURIComponent(view.data.home)}`} replace />;
  if (error && !shown) return <main className={parts.lone}><h1>These boards cannot be shown</h1><p role="alert">{sentence(error)}</p></main>;
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
  const here = useLive(id, boardId);
  const [state, move] = useReducer(moved, boardId, begin);
  const wordLine = useRef<HTMLInputElement>(null);

  const go = useCallback((to: string) => void navigate(`/vocabularies/${id}/boards/${encodeURIComponent(to)}`), [navigate, id]);

  const change = useCallback(async (wish: Wish): Promise<Changed | undefined> => {
    try {
      return await changes.mutateAsync(wish);
    } catch (error) {
      if (error instanceof Problem && error.conflict) move({ move: 'met', conflict: { sentence: error.message, ...error.conflict, wish } });
      else void message.error(sentence(error), 6);
      return undefined;
    }
  }, [changes.mutateAsync, message]);

  const keptFree = shown?.line.keptFree;
  useEffect(() => {
    if (shown) move({ move: 'opened', board: shown.board, keptFree: shown.line.keptFree });
    // Only another board is opened; a colleague's change to this one leaves the mark where it is.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [shown?.board.id]);

  const mayEdit = shown !== undefined && shown.view.role !== 'VIEWER';
  const home = shown?.view.home;
  const step = useCallback(async (what: 'undo' | 'redo', before?: number) => {
    const changed = await change(what === 'undo' ? { what, before } : { what });
    if (changed?.order && !changed.order.includes(boardId)) go(changed.vocabulary.home);
  }, [change, boardId, go]);

  useEffect(() => {
    function keys(event: KeyboardEvent) {
      const inField = event.target instanceof HTMLInputElement && event.target.value !== '';
      if (!mayEdit || inField || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      event.preventDefault();
      void step(event.shiftKey ? 'redo' : 'undo');
    }
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, [mayEdit, step]);

  const onMark = useCallback((cell: Cell) => move({ move: 'mark', cell }), []);
  const onRename = useCallback(() => { if (mayEdit) move({ move: 'rename' }); }, [mayEdit]);
  const onType = useCallback((letters: string) => {
    if (!mayEdit) return;
    move({ move: 'type', text: onOneLine(letters) });
    wordLine.current?.focus();
  }, [mayEdit]);
  const view = shown?.view;
  const onOpen = useCallback((from: Button) => {
    if (from.leads.type === 'home' && home) go(home);
    if (from.leads.type !== 'opens') return;
    const to = from.leads.board;
    if (view?.boards.some((b) => b.id === to)) go(to);
    else void message.warning(`“${from.label}” opens a board that is not there. Mend it on the right.`);
  }, [go, home, view, message]);
  const version = view?.version ?? 0;
  const edit = useCallback((made: Intention, base = version) => change({ what: 'edit', base, edit: made }), [change, version]);
  const onTakeOff = useCallback((gone: Button) => {
    if (mayEdit) void edit({ type: 'take-off', board: boardId, button: gone.id });
  }, [mayEdit, edit, boardId]);
  const board = shown?.board;
  const overlays = useMemo(() => (view && board ? wordsLens(view, board) : undefined), [view, board]);

  if (!shown || !board || !view || !keptFree || !overlays) return <Frame />;
  const { line } = shown;
  const marked = markedOn(state, board);
  const button = buttonAt(board, marked);
  const next = nextEmpty(board, marked, keptFree);
  const { text, picture } = typed(state);

  async function put(words: string, chosen?: string) {
    if (!words.trim()) {
      void message.info('The word line is empty. Type a word, then press Enter.');
      return;
    }
    move({ move: 'type', text: '' });
    const changed = await change({ what: 'words', base: version, board: boardId, from: next ?? marked, text: words, picture: chosen });
    const on = changed?.boards.find((b) => b.id === boardId);
    if (!changed) move({ move: 'not put', text: words });
    else if (on) move({ move: 'put', on, added: changed.added, keptFree: line.keptFree });
  }

  async function newBoard(name: string, opener?: Button) {
    const changed = await change({ what: 'board', base: version, name, openedFrom: opener && boardId, openedBy: opener?.id });
    const added = changed?.boards.find((b) => changed.added.includes(b.id));
    if (added && !opener) go(added.id);
  }

  function deleteBoard() {
    const lost = line.openers === 0 ? 'No button opens it.' : line.openers === 1 ? 'Buttons on 1 board open it; they will lead nowhere until you mend them.' : `Buttons on ${line.openers} boards open it; they will lead nowhere until you mend them.`;
    void modal.confirm({
      title: `Delete the board ${line.name}?`, content: `${line.buttons} buttons go with it. ${lost} Undo brings everything back.`, okText: 'Delete the board', cancelText: 'Leave it',
      onOk: async () => { if (await edit({ type: 'delete-board', board: boardId })) go(view!.home); },
    });
  }

  function leaveWordLine(event?: ReactKeyboardEvent) {
    const to = event && (event.key === 'Tab' ? tab(board!, marked, event.shiftKey) : arrow(board!, marked, event.key));
    if (event && !to) return;
    event?.preventDefault();
    if (to) move({ move: 'mark', cell: to });
    move({ move: 'rest', focus: true });
  }

  /** What to do after all about a change that met somebody else's. */
  function settle(conflict: Conflict, how: 'theirs' | 'mine' | 'the one before') {
    move({ move: 'settled' });
    const { wish } = conflict;
    if (how === 'mine' && 'base' in wish) void change({ ...wish, base: conflict.version });
    if (how === 'the one before') void step('undo', (wish.what === 'undo' && wish.before) || steps.data?.undo?.number);
  }

  const conflict = state.conflicts[0];
  const alone = new Set(here.map((h) => h.account)).size < 2;
  return (
    <div className={bench.bench} data-ready>
      <PathBar view={view} line={line} mayEdit={mayEdit} onRename={(name) => void edit({ type: 'rename-vocabulary', name })}>
        <WhoIsHere here={here} view={view} board={boardId} onGo={go} />
        <span className={`${parts.quiet} ${bench.kept}`}>{mayEdit ? `${alone ? 'Kept as you go' : 'Kept'} · version ${view.version}` : view.starter ? 'A starter, to be copied' : 'You can look and talk'}</span>
        {mayEdit && <UndoAndRedo steps={steps.data} onStep={(what) => void step(what)} />}
        <PlainButton onClick={() => void navigate(`/vocabularies/${id}/boards/${encodeURIComponent(boardId)}/print`)}>Print</PlainButton>
        <Dropdown trigger={['click']} menu={{
          items: [
            { key: 'obz', label: <a href={`/api/vocabularies/${id}/package.obz`} download>Carry away all boards (.obz)</a> },
            { key: 'obf', label: <a href={`/api/vocabularies/${id}/boards/${encodeURIComponent(boardId)}/board.obf`} download>Carry away this board (.obf)</a> },
            { key: 'credits', label: 'Whose the pictures are' },
            ...(mayEdit && boardId !== view.home ? [{ key: 'delete', label: 'Delete this board…' }] : []),
          ],
          onClick: ({ key }) => { if (key === 'delete') deleteBoard(); if (key === 'credits') move({ move: 'read credits' }); },
        }}>
          <PlainButton aria-label="More to do with these boards">⋯</PlainButton>
        </Dropdown>
        <PlainButton type="primary" onClick={() => void navigate(`/vocabularies/${id}/talk?board=${encodeURIComponent(boardId)}`)}>Talk</PlainButton>
      </PathBar>
      <div className={bench.benchBody}>
        <BoardList view={view} mayEdit={mayEdit} onAdd={(name) => void newBoard(name)} />
        <main className={bench.stage}>
          <div className={bench.stageRoom} style={{ '--screen': view.layout.screenWidthMm / (view.layout.screenHeightMm * (1 - view.layout.message)) } as React.CSSProperties}>
            <BoardGrid board={board} overlays={overlays} marked={marked} next={mayEdit ? next : undefined} focus={state.focus}
              onMark={onMark} onOpen={onOpen} onType={onType} onTakeOff={onTakeOff} onRename={onRename} />
          </div>
          {mayEdit && (
            <WordLine ref={wordLine} text={text} next={next} boardName={board.name} student={view.student?.id} language={view.locale} picture={picture}
              onText={(t) => move({ move: 'type', text: t })} onPicture={(p) => { move({ move: 'pick', picture: p }); wordLine.current?.focus(); }}
              onPut={(t, p) => void put(t, p)} onLeave={leaveWordLine} />
          )}
        </main>
        <aside className={bench.side} aria-label="What is marked">
          {button ? (
            <ButtonSentence key={button.id} button={button} line={line} view={view} mayEdit={mayEdit} doing={state.doing}
              onDoing={(what) => move(what === 'renaming' ? { move: 'rename' } : what === 'choosing a picture' ? { move: 'choose picture' } : { move: 'rest', focus: true })}
              onChange={(made, base) => void edit(made, base)} onNewBoard={(name, opener) => void newBoard(name, opener)} onOpen={onOpen} onTakeOff={onTakeOff} />
          ) : (
            <AboutBoard line={line} home={line.id === view.home} cell={marked} mayEdit={mayEdit} onRename={(name) => void edit({ type: 'rename-board', board: boardId, name })} />
          )}
          <Findings view={view} boardId={boardId} mayEdit={mayEdit} onMend={(made) => void edit(made)} />
        </aside>
      </div>
      {state.doing.what === 'reading credits' && <Credits vocabulary={id} name={view.name} onClose={() => move({ move: 'rest' })} />}
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
            <PlainButton aria-label={title} disabled={!steps?.[what]} onClick={() => onStep(what)}>{what === 'undo' ? '↶' : '↷'}</PlainButton>
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
