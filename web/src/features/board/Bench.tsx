import { App, Button as PlainButton, Dropdown, Tooltip } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState, type KeyboardEvent as ReactKeyboardEvent } from 'react';
import { Navigate, useNavigate, useParams } from 'react-router';
import { Problem, sentence } from '../../api/client';
import type { Board, BoardLine, Button, Cell, Edit, Version, VocabularyView } from '../../api/types';
import { ArtOf } from '../picture/art';
import { Credits } from '../picture/Credits';
import { BoardGrid } from './BoardGrid';
import { BoardList } from './BoardList';
import { board as boardQuery, useChanges, vocabulary as vocabularyQuery, type Intent } from './boards';
import { ButtonSentence } from './ButtonSentence';
import { ConflictDialog } from './ConflictDialog';
import { DottedText } from './Dotted';
import { Findings } from './Findings';
import { arrow, buttonAt, nextEmpty, sameCell, spoken, tab } from './grid';
import { PathBar } from './PathBar';
import { WordLine } from './WordLine';

/** Finds the vocabulary and the board of the address, and puts them on the bench. */
export default function BenchPage() {
  const params = useParams();
  const id = Number(params.vocabulary);
  const view = useQuery(vocabularyQuery(id));
  const boardId = params.board ?? view.data?.home ?? '';
  const board = useQuery({ ...boardQuery(id, boardId), retry: false });
  const error = view.error ?? (board.error instanceof Problem && board.error.status !== 404 ? board.error : null);
  if (error && !(view.data && board.data)) return <main className="lone"><h1>These boards cannot be shown</h1><p role="alert">{sentence(error)}</p></main>;
  if (!view.data) return null;
  if (!params.board) return <Navigate to={`/vocabularies/${id}/boards/${encodeURIComponent(view.data.home)}`} replace />;
  const line = view.data.boards.find((b) => b.id === boardId);
  if (!line || (board.error && !board.data)) return <Navigate to={`/vocabularies/${id}/boards/${encodeURIComponent(view.data.home)}`} replace />;
  if (!board.data) return null;
  return <ArtOf art={view.data.art} vocabulary={id}><Bench key={boardId} view={view.data} board={board.data} line={line} /></ArtOf>;
}

interface Conflict { sentence: string; yours?: Button; theirs?: Button; intent: Intent }

function Bench({ view, board, line }: { view: VocabularyView; board: Board; line: BoardLine }) {
  const { message, modal } = App.useApp();
  const navigate = useNavigate();
  const changes = useChanges(view.id);
  const mayEdit = view.role !== 'VIEWER';
  const [marked, setMarked] = useState<Cell>(() => nextEmpty(board, { row: 0, column: 0 }, line.keptFree) ?? { row: 0, column: 0 });
  const [focus, setFocus] = useState(1);
  const [text, setText] = useState('');
  const [picture, setPicture] = useState<string>();
  const [editingLabel, setEditingLabel] = useState(false);
  const [credits, setCredits] = useState(false);
  const [conflict, setConflict] = useState<Conflict>();
  const wordLine = useRef<HTMLInputElement>(null);
  const button = buttonAt(board, marked);
  const next = nextEmpty(board, marked, line.keptFree);
  const loose = view.findings.filter((f) => f.what === 'LOOSE_END' && f.board === board.id).flatMap((f) => f.cell ?? []);

  const go = useCallback((boardId: string) => void navigate(`/vocabularies/${view.id}/boards/${encodeURIComponent(boardId)}`), [navigate, view.id]);

  const change = useCallback(async (intent: Intent) => {
    try {
      return await changes.mutateAsync(intent);
    } catch (error) {
      if (error instanceof Problem && error.conflict) setConflict({ sentence: error.message, ...error.conflict, intent });
      else void message.error(sentence(error), 6);
      return undefined;
    }
  }, [changes.mutateAsync, message]);

  const edit = useCallback((made: Edit) => change({ what: 'edit', edit: made }), [change]);

  async function put(typed: string, chosen?: string) {
    if (!typed.trim()) {
      void message.info('The word line is empty. Type a word, then press Enter.');
      return;
    }
    const from = next ?? marked;
    setText('');
    setPicture(undefined);
    const changed = await change({ what: 'words', board: board.id, from, text: typed, picture: chosen });
    if (!changed) {
      setText((now) => now || typed);
      return;
    }
    const now = changed.boards.find((b) => b.id === board.id);
    const last = now?.buttons.filter((b) => changed.added.includes(b.id)).at(-1);
    if (now && last) setMarked(nextEmpty(now, last.cell, line.keptFree) ?? last.cell);
  }

  async function takeOff(gone: Button) {
    if (!mayEdit) return;
    await edit({ type: 'take-off-button', board: board.id, button: gone.id });
  }

  async function newBoard(name: string, opener?: Button) {
    const changed = await change({ what: 'board', name, openedFrom: opener && board.id, openedBy: opener?.id });
    const added = changed?.boards.find((b) => changed.added.includes(b.id));
    if (added && !opener) go(added.id);
  }

  function open(from: Button) {
    if (from.leads.type === 'home') go(view.home);
    if (from.leads.type !== 'opens') return;
    const to = from.leads.board;
    if (view.boards.some((b) => b.id === to)) go(to);
    else void message.warning(`“${from.label}” opens a board that is not there. Mend it on the right.`);
  }

  function deleteBoard() {
    const lost = line.openers === 0 ? 'No button opens it.' : line.openers === 1 ? 'Buttons on 1 board open it; they will lead nowhere until you mend them.' : `Buttons on ${line.openers} boards open it; they will lead nowhere until you mend them.`;
    void modal.confirm({
      title: `Delete the board ${line.name}?`, content: `${line.buttons} buttons go with it. ${lost} Undo brings everything back.`, okText: 'Delete the board', cancelText: 'Leave it',
      onOk: async () => { await edit({ type: 'delete-board', board: board.id }); go(view.home); },
    });
  }

  function leaveWordLine(event?: ReactKeyboardEvent) {
    if (event) {
      const to = event.key === 'Tab' ? tab(board, marked, event.shiftKey) : arrow(board, marked, event.key);
      if (!to) return;
      event.preventDefault();
      setMarked(to);
    }
    setFocus((n) => n + 1);
  }

  const step = useCallback(async (what: 'undo' | 'redo') => {
    const changed = await change({ what });
    const gone = changed && !changed.vocabulary.boards.some((b) => b.id === board.id);
    if (gone) go(changed.vocabulary.home);
  }, [change, board.id, go]);

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

  return (
    <div className="bench">
      <PathBar view={view} line={line} mayEdit={mayEdit} onRename={(name) => void edit({ type: 'rename-vocabulary', name })}>
        <span className="quiet kept">{mayEdit ? `Kept as you go · version ${view.version}` : view.starter ? 'A starter, to be copied' : 'You can look and talk'}</span>
        {mayEdit && (
          <>
            <Tooltip title={stepTitle('Undo', view.steps.undo)}>
              <PlainButton aria-label={stepTitle('Undo', view.steps.undo)} disabled={!view.steps.undo} onClick={() => void step('undo')}>↶</PlainButton>
            </Tooltip>
            <Tooltip title={stepTitle('Redo', view.steps.redo)}>
              <PlainButton aria-label={stepTitle('Redo', view.steps.redo)} disabled={!view.steps.redo} onClick={() => void step('redo')}>↷</PlainButton>
            </Tooltip>
          </>
        )}
        <PlainButton onClick={() => void navigate(`/vocabularies/${view.id}/boards/${encodeURIComponent(board.id)}/print`)}>Print</PlainButton>
        <Dropdown trigger={['click']} menu={{
          items: [
            { key: 'obz', label: <a href={`/api/vocabularies/${view.id}/package.obz`} download>Carry away all boards (.obz)</a> },
            { key: 'obf', label: <a href={`/api/vocabularies/${view.id}/boards/${encodeURIComponent(board.id)}/board.obf`} download>Carry away this board (.obf)</a> },
            { key: 'credits', label: 'Whose the pictures are' },
            ...(mayEdit && board.id !== view.home ? [{ key: 'delete', label: 'Delete this board…' }] : []),
          ],
          onClick: ({ key }) => { if (key === 'delete') deleteBoard(); if (key === 'credits') setCredits(true); },
        }}>
          <PlainButton aria-label="More to do with these boards">⋯</PlainButton>
        </Dropdown>
        <PlainButton type="primary" onClick={() => void navigate(`/vocabularies/${view.id}/talk?board=${encodeURIComponent(board.id)}`)}>Talk</PlainButton>
      </PathBar>
      <div className="bench-body">
        <BoardList view={view} mayEdit={mayEdit} onAdd={(name) => void newBoard(name)} />
        <main className="stage">
          <div className="stage-room" style={{ '--screen': view.layout.screenWidthMm / (view.layout.screenHeightMm * (1 - view.layout.message)) } as React.CSSProperties}>
            <BoardGrid board={board} marked={marked} next={mayEdit ? next : undefined} loose={loose} keptFree={line.keptFree} focus={focus} onMark={setMarked} onOpen={open}
              onType={(letters) => {
                if (!mayEdit) return;
                setText(letters.replace(/\s*[\r\n\t;]+\s*/g, ', ').replace(/^, |, $/g, ''));
                wordLine.current?.focus();
              }}
              onTakeOff={(b) => void takeOff(b)} onChange={() => mayEdit && setEditingLabel(true)} />
          </div>
          {mayEdit && (
            <WordLine ref={wordLine} text={text} next={next} boardName={board.name} student={view.student?.id} language={view.locale} picture={picture}
              onText={(t) => { setText(t); setPicture(undefined); }} onPicture={(p) => { setPicture(p); wordLine.current?.focus(); }}
              onPut={(t, p) => void put(t, p)} onLeave={leaveWordLine} />
          )}
        </main>
        <aside className="side" aria-label="What is marked">
          {button ? (
            <ButtonSentence key={button.id} button={button} line={line} view={view} mayEdit={mayEdit} editingLabel={editingLabel}
              onEditingLabel={(on) => { setEditingLabel(on); if (!on) setFocus((n) => n + 1); }}
              onChange={(changed) => void edit({ type: 'change-button', board: board.id, button: changed })}
              onNewBoard={(name, opener) => void newBoard(name, opener)} onOpen={open} onTakeOff={(b) => void takeOff(b)} />
          ) : (
            <AboutBoard line={line} home={line.id === view.home} cell={marked} mayEdit={mayEdit} onRename={(name) => void edit({ type: 'rename-board', board: board.id, name })} />
          )}
          <Findings view={view} boardId={board.id} mayEdit={mayEdit} onMend={(made) => void edit(made)} />
        </aside>
      </div>
      {credits && <Credits vocabulary={view.id} name={view.name} onClose={() => setCredits(false)} />}
      {conflict && (
        <ConflictDialog sentence={conflict.sentence} yours={conflict.yours} theirs={conflict.theirs} onTheirs={() => setConflict(undefined)}
          onYours={conflict.intent.what === 'edit' && conflict.theirs && !sameEdit(conflict) ? () => { setConflict(undefined); void change(conflict.intent); } : undefined} />
      )}
    </div>
  );
}

/** A put button cannot be made after all where another now stands. */
function sameEdit(conflict: Conflict): boolean {
  return conflict.yours !== undefined && conflict.theirs !== undefined && conflict.yours.id !== conflict.theirs.id && sameCell(conflict.yours.cell, conflict.theirs.cell);
}

function stepTitle(word: string, version?: Version): string {
  return version ? `${word}: ${version.by ?? 'Dwimble'} ${version.summary}` : `Nothing to ${word.toLowerCase()}`;
}

function AboutBoard({ line, home, cell, mayEdit, onRename }: { line: BoardLine; home: boolean; cell: Cell; mayEdit: boolean; onRename: (name: string) => void }) {
  const keptFree = line.keptFree.some((k) => sameCell(k, cell));
  const openers = home ? 'It is the home board.' : line.openers === 1 ? '1 board opens it.' : `${line.openers} boards open it.`;
  return (
    <section className="button-sentence" aria-label="About this board">
      <h2>An empty cell</h2>
      <p className="quiet">{spoken(cell)}</p>
      {keptFree && <p>This cell is kept free: other boards have back or home here, and a hand that goes home twice should say nothing by mistake. A word typed here still goes in.</p>}
      {mayEdit && !keptFree && <p>Type a word and press Enter: a button with its picture stands here, and the next empty cell waits. Several words go in at once with commas between them.</p>}
      <hr />
      <p>This board is called <DottedText label="Rename this board" value={line.name} disabled={!mayEdit} onKeep={onRename} />.</p>
      <p className="fact">{line.buttons} {line.buttons === 1 ? 'button' : 'buttons'}, {line.empty} empty {line.empty === 1 ? 'cell' : 'cells'}. {openers}</p>
      <p className="fact">
        Each cell is {Math.round(line.cellWidthMm)} x {Math.round(line.cellHeightMm)} mm on the student’s screen.
        {line.small && ' That is smaller than many hands can hit.'}
      </p>
    </section>
  );
}
