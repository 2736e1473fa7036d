import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import type { Touching } from '../../api/types';
import { DottedChoice } from '../../shell/Dotted';
import { millimetres, seconds } from './words';
import parts from '../../shell/parts.module.css';
import css from './settings.module.css';

const RESTS = [200, 400, 600, 800, 1000, 1500, 2000, 3000, 5000];
const AGAIN = [0, 200, 300, 500, 800, 1000, 1500, 2000, 3000, 5000];
const LENGTHS = [0, 1, 2, 3, 4, 5, 6, 8, 10, 15, 20, 30, 40];

interface Props {
  touching: Touching;
  mayEdit: boolean;
  onChange: (to: Touching) => void;
}

/** How a touch counts, as sentences each dotted word of which can be changed, and what each is for. */
export function Touch({ touching, mayEdit, onChange }: Props) {
  const { when, restMs, againMs, slip, edge } = touching;
  const ways = { AT_ONCE: t`as soon as the finger comes down`, ON_RELEASE: t`when the finger is lifted`, AFTER_RESTING: t`after resting on one cell` };
  const why = {
    AT_ONCE: t`For who comes down on the right cell, and cannot lift off there.`,
    ON_RELEASE: t`A finger may come down anywhere, and slide until it is on the right cell.`,
    AFTER_RESTING: t`For a hand that brushes over other cells on its way.`,
  };
  const lengths = LENGTHS.map((mm) => ({ key: String(mm * 1000), label: millimetres(mm * 1000) }));
  const times = (all: number[]) => all.map((ms) => ({ key: String(ms), label: seconds(ms) }));
  return (
    <>
      <p>
        <Trans>
          A touch counts{' '}
          <DottedChoice
            label={t`When a touch counts`}
            disabled={!mayEdit}
            items={Object.entries(ways).map(([key, label]) => ({ key, label }))}
            onChoose={(key) => onChange({ ...touching, when: key as Touching['when'] })}
          >
            {ways[when]}
          </DottedChoice>
        </Trans>
        {when === 'AFTER_RESTING' && (
          <>
            {' '}
            <Trans>
              for{' '}
              <DottedChoice
                label={t`How long it rests`}
                disabled={!mayEdit}
                items={times(RESTS)}
                onChoose={(key) => onChange({ ...touching, restMs: Number(key) })}
              >
                {seconds(restMs)}
              </DottedChoice>
            </Trans>
          </>
        )}
        . <span className={parts.quiet}>{why[when]}</span>
      </p>
      <p>
        <Trans>
          Another touch within{' '}
          <DottedChoice
            label={t`How long another touch is let pass`}
            disabled={!mayEdit}
            items={times(AGAIN)}
            onChoose={(key) => onChange({ ...touching, againMs: Number(key) })}
          >
            {againMs === 0 ? t`no time` : seconds(againMs)}
          </DottedChoice>{' '}
          is let pass.
        </Trans>{' '}
        <span className={parts.quiet}>{t`For a hand that trembles, or touches twice where once was meant.`}</span>
      </p>
      <p>
        <Trans>
          A slip of up to{' '}
          <DottedChoice
            label={t`How far a finger may slip`}
            disabled={!mayEdit || when === 'AT_ONCE'}
            items={lengths}
            onChoose={(key) => onChange({ ...touching, slip: Number(key) })}
          >
            {millimetres(slip)}
          </DottedChoice>{' '}
          off a cell is forgiven.
        </Trans>{' '}
        <span className={parts.quiet}>
          {when === 'AT_ONCE' ? t`Where a touch counts at once there is nothing to forgive.` : t`For a finger that slides off the cell it came down on.`}
        </span>
      </p>
      <p>
        <Trans>
          Beside the gaps, the outer{' '}
          <DottedChoice
            label={t`How much of a cell’s edge is deaf`}
            disabled={!mayEdit}
            items={lengths}
            onChoose={(key) => onChange({ ...touching, edge: Number(key) })}
          >
            {millimetres(edge)}
          </DottedChoice>{' '}
          of each cell feel nothing.
        </Trans>{' '}
        <span className={parts.quiet}>{t`For a finger that lands between two cells: it says neither.`}</span>
      </p>
      {when === 'AFTER_RESTING' && againMs > 0 && againMs < 300 && (
        <p className={css.hint}>{t`A touch that rests can hardly come twice: the second sentence does little here.`}</p>
      )}
    </>
  );
}
