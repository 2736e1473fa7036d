import { t } from '@lingui/core/macro';
import { Button } from 'antd';
import { useEffect, useRef } from 'react';
import type { Rounds } from '../../api/types';
import { sameCell } from '../../data/cells';
import { Pic } from '../../drawn/art';
import parts from '../../shell/parts.module.css';
import { asked, count, type Met, type Playing } from './playing';
import css from './pointing.module.css';

interface Props {
  rounds: Rounds;
  playing: Playing;
  name: string;
  byEyes: boolean;
  onMet: (met: Met) => void;
  onAgain: () => void;
  onEnd: () => void;
}

/** For the partner: what to ask for, and a small sheet on which is told what was pointed at. */
export function Partner({ rounds, playing, name, byEyes, onMet, onAgain, onEnd }: Props) {
  const round = rounds.rounds[playing.round];
  const target = asked(rounds.rounds, playing)!;
  const top = useRef<HTMLElement>(null);
  useEffect(() => {
    top.current?.scrollIntoView({ block: 'nearest' });
  }, []);
  const where = t`row ${target.cell.row + 1}, place ${target.cell.column + 1}`;
  return (
    <section ref={top} aria-label={t`What was pointed at`}>
      <p className={css.ask} role="status">
        {t`${playing.tries.length + 1} of ${count(rounds.rounds)}, on the sheet of ${round.rows} x ${round.columns}. Ask for`}{' '}
        <strong dir="auto">{target.label || where}</strong> {target.label && `(${where})`}
      </p>
      <p className={parts.quiet}>{byEyes ? t`Follow ${name}’s eyes, and tap here what they rest on.` : t`Tap here what ${name} points at on the paper.`}</p>
      <div
        className={css.sheet}
        style={{
          gridTemplate: `repeat(${round.rows}, 1fr) / repeat(${round.columns}, 1fr)`,
          aspectRatio: (round.columns * round.widthMm) / (round.rows * round.heightMm),
        }}
      >
        {round.fills.map((fill) => (
          <button
            key={`${fill.cell.row} ${fill.cell.column}`}
            type="button"
            className={sameCell(fill.cell, target.cell) ? css.askedFor : undefined}
            data-asked={sameCell(fill.cell, target.cell) || undefined}
            aria-label={t`${fill.label || t`cell`}, row ${fill.cell.row + 1}, place ${fill.cell.column + 1}`}
            onClick={() => onMet({ hit: fill.cell })}
          >
            {fill.picture ? <Pic id={fill.picture} /> : <span className={css.dot} />}
          </button>
        ))}
      </div>
      <p className={css.doors}>
        <Button onClick={() => onMet({})}>{t`none of them`}</Button>
        <Button disabled={playing.tries.length === 0} onClick={onAgain}>{t`the one before again`}</Button>
        <Button onClick={onEnd}>{t`break off`}</Button>
      </p>
    </section>
  );
}
