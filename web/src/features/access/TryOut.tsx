import { t } from '@lingui/core/macro';
import { useCallback, useRef, useState } from 'react';
import type { Access, Board, Revealed, Student, VocabularyView } from '../../api/types';
import { areaOf, BoardOfButtons, stopOf } from '../../drawn/BoardOfButtons';
import { Card } from '../../drawn/Card';
import { say } from '../../data/voice';
import drawn from '../../drawn/drawn.module.css';
import parts from '../../shell/parts.module.css';
import { Scanner } from './Scanner';
import { useTouching } from './useTouching';
import css from './settings.module.css';

interface Props {
  student: Student;
  access: Access;
  view: VocabularyView;
  board: Board;
  kept: Revealed['kept'];
}

/** The student’s own board, touched and scanned as it is set beside it; it says what counted, and keeps nothing. */
export function TryOut({ student, access, view, board, kept }: Props) {
  const root = useRef<HTMLDivElement>(null);
  const [told, setTold] = useState<string>();
  const [scans, setScans] = useState(false);
  const wide = student.screen.width / 1000;
  const perMm = useCallback(() => (root.current?.clientWidth ?? 0) / wide, [wide]);
  const letPass = useCallback(() => setTold(t`That touch was let pass.`), []);
  useTouching(root, access.touching, { perMm, onLetPass: letPass });
  const { scanning } = access;
  return (
    <section className={css.tryOut} aria-label={t`Try it here`}>
      <p className={css.heard}>
        <span className={parts.quiet}>{t`Try it here: nothing is kept.`}</span> <strong role="status">{told}</strong>
      </p>
      <div
        ref={root}
        className={css.screen}
        style={{ aspectRatio: `${student.screen.width} / ${student.screen.height}`, '--margin': view.layout.margin } as React.CSSProperties}
      >
        <BoardOfButtons board={board} view={view} className={css.grid} wide="100cqw">
          {board.buttons
            .filter((b) => !kept[b.id])
            .map((b) => (
              <button
                key={b.id}
                type="button"
                className={drawn.cell}
                style={areaOf(b)}
                {...stopOf(b)}
                aria-label={b.label || t`picture`}
                onClick={() => {
                  setTold(t`“${b.label || t`picture`}” counted.`);
                  void say(b.label, view.locale, student.voice).catch(() => undefined);
                }}
              >
                <Card button={b} />
              </button>
            ))}
        </BoardOfButtons>
      </div>
      {scanning && (
        <p className={parts.sentenceButtons}>
          <button type="button" className={parts.door} aria-pressed={scans} onClick={() => setScans(!scans)}>
            {scans ? t`Stop scanning` : t`Scan it here`}
          </button>
        </p>
      )}
      {scanning && scans && <Scanner scanning={scanning} root={root} locale={view.locale} voice={student.voice} />}
    </section>
  );
}
