import { t } from '@lingui/core/macro';
import type { Costly } from '../../api/types';
import { costOf } from './reach';
import bench from '../../shell/bench.module.css';
import parts from '../../shell/parts.module.css';

export function ReachSide({ costliest, onShow }: { costliest: Costly[]; onShow: (board: string) => void }) {
  return (
    <section className={bench.findings} aria-label={t`Reach`}>
      <h3>{t`Words that cost most`}</h3>
      <p className={parts.quiet}>
        {costliest.some((w) => w.scanned)
          ? t`Taps from home, and what scanning takes: by time how long on average, by hand how many presses.`
          : t`Taps from home, and the way a finger travels on this student’s screen: from the middle of the home board, tap by tap.`}
      </p>
      <ol className={bench.lensList}>
        {costliest.map((w) => (
          <li key={`${w.board} ${w.cell.row} ${w.cell.column}`}>
            <button type="button" className={parts.dotted} title={t`On ${w.name}`} onClick={() => onShow(w.board)}>
              {w.label}
            </button>
            <span>{costOf(w)}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}
