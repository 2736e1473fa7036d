import type { Costly } from '../../api/types';
import { centimetres } from './reach';
import bench from '../../shell/bench.module.css';
import parts from '../../shell/parts.module.css';

export function ReachSide({ costliest, onShow }: { costliest: Costly[]; onShow: (board: string) => void }) {
  return (
    <section className={bench.findings} aria-label="Reach">
      <h3>Words that cost most</h3>
      <p className={parts.quiet}>Taps from home, and the way a finger travels on this student’s screen: from the middle of the home board, tap by tap.</p>
      <ol className={bench.lensList}>
        {costliest.map((w) => (
          <li key={`${w.board} ${w.cell.row} ${w.cell.column}`}>
            <button type="button" className={parts.dotted} title={`On ${w.name}`} onClick={() => onShow(w.board)}>
              {w.label}
            </button>
            <span>
              {w.taps} {w.taps === 1 ? 'tap' : 'taps'}, {centimetres(w.travelMm)}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
