import { Button as PlainButton } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import type { Board, Button, VocabularyView } from '../../api/types';
import { say } from '../../data/voice';
import { reachOf } from '../../data/boards';
import { kinds } from '../../drawn/kindNames';
import { KindMark } from '../../drawn/kinds';
import { centimetres, type LensName } from './lenses';
import bench from '../../shell/bench.module.css';
import parts from '../../shell/parts.module.css';

const LENSES: { name: LensName; about: string; mark: React.ReactNode }[] = [
  { name: 'Words', about: 'The board as it is', mark: <path d="M2 3h12M2 8h12M2 13h7" /> },
  { name: 'Reveal', about: 'Which words are shown, and what waits', mark: <path d="M1 8c3-5 11-5 14 0-3 5-11 5-14 0Zm7-2a2 2 0 1 0 0 4 2 2 0 0 0 0-4Z" /> },
  { name: 'Places', about: 'What has moved', mark: <path d="M2 4h8m0 0L7 1m3 3L7 7M14 12H6m0 0 3-3m-3 3 3 3" /> },
  { name: 'Reach', about: 'What each word costs to say', mark: <path d="M2 14 6 8l4 3 4-9" /> },
  { name: 'Sounds', about: 'What each button says', mark: <path d="M3 6v4h3l4 3V3L6 6Zm9 0c1 1 1 3 0 4" /> },
  { name: 'Kinds', about: 'What kind of word each is', mark: <path d="M8 2 14 13H2Z" /> },
];

/** The lenses along the left: one lies over the board at a time. */
export function LensBar({ lens, onLens }: { lens: LensName; onLens: (lens: LensName) => void }) {
  return (
    <div className={bench.lenses} role="group" aria-label="Lenses">
      {LENSES.map((l) => (
        <button key={l.name} type="button" className={bench.lens} aria-pressed={l.name === lens} title={l.about} onClick={() => onLens(l.name)}>
          <svg viewBox="0 0 16 16" fill="none" stroke="currentColor" strokeWidth="1.8" strokeLinecap="round" strokeLinejoin="round"
            aria-hidden="true">{l.mark}</svg>{l.name}
        </button>
      ))}
    </div>
  );
}

/** What a lens tells beside the board. */
export function LensSide({ lens, view, board, onShow }: { lens: LensName; view: VocabularyView; board: Board; onShow: (board: string) => void }) {
  if (lens === 'Reach') return <ReachSide view={view} board={board} onShow={onShow} />;
  if (lens === 'Sounds') return <SoundsSide view={view} board={board} />;
  if (lens === 'Kinds') return <KindsSide board={board} />;
  return null;
}

function ReachSide({ view, board, onShow }: { view: VocabularyView; board: Board; onShow: (board: string) => void }) {
  const { data } = useQuery(reachOf(view.id, view.version, board.id));
  if (!data) return null;
  return (
    <section className={bench.findings} aria-label="Reach">
      <h3>Words that cost most</h3>
      <p className={parts.quiet}>Taps from home, and the way a finger travels on this student’s screen: from the middle of the home board, tap by tap.</p>
      <ol className={bench.lensList}>
        {data.costliest.map((w) => (
          <li key={`${w.board} ${w.cell.row} ${w.cell.column}`}>
            <button type="button" className={parts.dotted} title={`On ${w.name}`} onClick={() => onShow(w.board)}>{w.label}</button>
            <span>{w.taps} {w.taps === 1 ? 'tap' : 'taps'}, {centimetres(w.travelMm)}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}

const spokenBy = (b: Button) => (b.says.type === 'words' ? b.says.text : b.says.type === 'label' ? b.label : '');

function SoundsSide({ view, board }: { view: VocabularyView; board: Board }) {
  const [at, setAt] = useState<string>();
  const going = useRef(false);
  const saying = board.buttons.filter((b) => spokenBy(b) && b.doings.length === 0);
  async function hearAll() {
    going.current = true;
    for (const button of saying) {
      if (!going.current) break;
      setAt(button.label || spokenBy(button));
      try { await say(spokenBy(button), view.locale); } catch { break; }
    }
    going.current = false;
    setAt(undefined);
  }
  return (
    <section className={bench.findings} aria-label="Sounds">
      <h3>What is said</h3>
      <p>{saying.length} of {board.buttons.length} buttons say something. A button that only opens a board, or leads home, says nothing.</p>
      {at === undefined ? <PlainButton onClick={() => void hearAll()} disabled={saying.length === 0}>Hear them all</PlainButton>
        : <><PlainButton onClick={() => { going.current = false; }}>Stop</PlainButton> <span role="status">{at}</span></>}
    </section>
  );
}

function KindsSide({ board }: { board: Board }) {
  return (
    <section className={bench.findings} aria-label="Kinds">
      <h3>Kinds on this board</h3>
      <ul className={bench.lensList}>
        {kinds.map(({ kind, sentence }) => <li key={kind}><span><KindMark
          kind={kind} /> {sentence.replace(/^an? /, '')}</span><span>{board.buttons.filter((b) => b.kind === kind).length}</span></li>)}
        <li><span>no word</span><span>{board.buttons.filter((b) => !b.kind).length}</span></li>
      </ul>
    </section>
  );
}
