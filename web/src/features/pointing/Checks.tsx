import { t } from '@lingui/core/macro';
import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { PointingView, Student } from '../../api/types';
import { putBack, takeOff } from '../../data/pointing';
import { changeStudent, studentChanged } from '../../data/students';
import { dayOf } from '../../shell/time';
import parts from '../../shell/parts.module.css';
import { Found, mm } from './Found';
import { surely } from './found';
import css from './pointing.module.css';

/** What was found, over months, and one check in full. */
export function Checks({ student, checks }: { student: Student; checks: PointingView[] }) {
  const [shown, setShown] = useState<number>();
  const [gone, setGone] = useState<number>();
  const [said, setSaid] = useState('');
  const queries = useQueryClient();
  const one = checks.find((c) => c.id === shown) ?? checks[0];
  const done = (what: Promise<PointingView[]>, now?: number) =>
    what
      .then((all) => {
        queries.setQueryData(['pointing', student.id], all);
        setGone(now);
        setShown(undefined);
      })
      .catch((error: unknown) => setSaid(sentence(error)));
  const least = one && surely(one);
  async function keepForHand(cell: number) {
    const hand = { leastCell: Math.ceil(cell) * 1000, gap: student.hand?.gap ?? 0, reason: t`Pointing check of ${dayOf(one.day)}` };
    try {
      await changeStudent(student, { ...student, hand });
      studentChanged(queries, student.id);
      setSaid(t`Kept: no cell of a board made for ${student.name} will be smaller than ${Math.ceil(cell)} mm.`);
    } catch (error) {
      setSaid(sentence(error));
    }
  }
  return (
    <>
      <h2>{t`What was found`}</h2>
      {said && <p role="status">{said}</p>}
      {gone !== undefined && (
        <p role="status">
          {t`The check was taken off.`}{' '}
          <button type="button" className={parts.dotted} onClick={() => void done(putBack(student.id, gone))}>{t`have it back`}</button>
        </p>
      )}
      {!one && (
        <p>
          {t`Nothing yet. A check shows targets at several sizes, one after the other.`}{' '}
          {t`Here stands then how small cells may be that ${student.name} hits for sure, and where on the board it fails.`}
        </p>
      )}
      {checks.length > 1 && <OverTime checks={checks} shown={one.id} onShow={setShown} />}
      {one && (
        <article aria-label={t`Check of ${dayOf(one.day)}`}>
          <h3>{t`${dayOf(one.day)}, ${hows[one.how]()}`}</h3>
          <Found check={one} name={student.name} />
          <p className={css.doors}>
            {least !== undefined && Math.ceil(least) * 1000 !== student.hand?.leastCell && (
              <Button onClick={() => void keepForHand(least)}>{t`Keep ${Math.ceil(least)} mm as what the hand needs`}</Button>
            )}
            <button type="button" className={parts.dotted} onClick={() => void done(takeOff(student.id, one.id), one.id)}>{t`take this check off`}</button>
          </p>
          <p className={parts.quiet}>
            {t`Made by ${one.by}. Bounds are those of Wilson (1927): what share of targets would be hit, with 95 % confidence, if it were tried for ever.`}
          </p>
        </article>
      )}
    </>
  );
}

const hows: Record<PointingView['how'], () => string> = {
  FINGER: () => t`finger on the screen`,
  SWITCH: () => t`switch`,
  PAPER: () => t`finger on paper`,
  EYES: () => t`eyes`,
};

const WIDEST_PX = 120;

/** Each check in a line: how small cells were hit for sure then. */
function OverTime({ checks, shown, onShow }: { checks: PointingView[]; shown: number; onShow: (check: number) => void }) {
  const widest = Math.max(1, ...checks.map((c) => surely(c) ?? 0));
  return (
    <ol className={css.times} aria-label={t`Over time`}>
      {checks.map((c) => {
        const least = surely(c);
        const size = c.proposed === undefined || c.proposed === null ? undefined : c.sizes[c.proposed];
        return (
          <li key={c.id}>
            <button type="button" aria-pressed={c.id === shown} onClick={() => onShow(c.id)}>
              {dayOf(c.day)}, {hows[c.how]()}
            </button>
            {least !== undefined && <span className={css.bar} style={{ inlineSize: `${(WIDEST_PX * least) / widest}px` }} aria-hidden="true" />}
            <span>{size ? mm(size) : t`none for sure`}</span>
          </li>
        );
      })}
    </ol>
  );
}
