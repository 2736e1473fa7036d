import { t } from '@lingui/core/macro';
import { useEffect, useRef, type PointerEvent } from 'react';
import type { Cell, Rounds, Student } from '../../api/types';
import { sameCell } from '../../data/cells';
import { Pic } from '../../drawn/art';
import { Scanner } from '../access';
import { asked, count, type Met, type Playing } from './playing';
import css from './pointing.module.css';

interface Props {
  student: Student;
  rounds: Rounds;
  playing: Playing;
  bySwitch: boolean;
  onMet: (met: Met) => void;
  onEnd: () => void;
}

/** Targets on the whole screen, with cells exactly as large as in talk: what is touched is told, and the next one comes. */
export function Game({ student, rounds, playing, bySwitch, onMet, onEnd }: Props) {
  const root = useRef<HTMLElement>(null);
  const down = useRef<Cell>(undefined);
  const since = useRef(0);
  const { rows, columns } = rounds.rounds[playing.round];
  const target = asked(rounds.rounds, playing)!;
  useEffect(() => {
    since.current = performance.now();
  }, [playing]);
  const tell = (what: Met, at: number) => onMet({ ...what, millis: at - since.current });
  const up = (e: PointerEvent) => {
    tell({ hit: cellAt(e), first: down.current }, e.timeStamp);
    down.current = undefined;
  };
  const { scanning } = student.access;
  return (
    <main
      className={css.game}
      ref={root}
      style={{ '--margin': rounds.margin, '--message': rounds.message, '--gap': rounds.gap / 1000 } as React.CSSProperties}
      aria-label={t`Pointing check`}
    >
      <p className={css.gameHead} role="status">
        {t`${playing.tries.length + 1} of ${count(rounds.rounds)}`}
        <button type="button" data-adult onClick={onEnd}>{t`break off`}</button>
      </p>
      <div
        className={css.gameGrid}
        data-rows={rows}
        data-columns={columns}
        style={{ gridTemplate: `repeat(${rows}, minmax(0, 1fr)) / repeat(${columns}, minmax(0, 1fr))` }}
        onPointerDown={bySwitch ? undefined : (e) => (down.current = cellAt(e))}
        onPointerUp={bySwitch ? undefined : up}
      >
        {cells(rows, columns).map((cell) => {
          const isTarget = sameCell(cell, target.cell);
          return (
            <button
              key={`${cell.row} ${cell.column}`}
              type="button"
              className={isTarget ? css.target : undefined}
              data-target={isTarget || undefined}
              data-stop={`${cell.row} ${cell.column}`}
              data-row={cell.row}
              data-column={cell.column}
              aria-label={isTarget ? target.label || t`the target` : t`row ${cell.row + 1}, place ${cell.column + 1}`}
              // Keys and switches press; fingers are followed above.
              onClick={(e) => (bySwitch || e.detail === 0) && tell({ hit: cell }, e.timeStamp)}
            >
              {isTarget && (target.picture ? <Pic id={target.picture} /> : <span className={css.dot} />)}
            </button>
          );
        })}
      </div>
      {bySwitch && scanning && <Scanner scanning={scanning} root={root} locale="en" voice={student.voice} />}
    </main>
  );
}

export const cells = (rows: number, columns: number): Cell[] =>
  Array.from({ length: rows * columns }, (_, i) => ({ row: Math.floor(i / columns), column: i % columns }));

/** The cell under a finger; none between them. */
function cellAt({ clientX, clientY }: PointerEvent): Cell | undefined {
  const at = document.elementFromPoint(clientX, clientY)?.closest<HTMLElement>('[data-row]');
  return at ? { row: Number(at.dataset.row), column: Number(at.dataset.column) } : undefined;
}
