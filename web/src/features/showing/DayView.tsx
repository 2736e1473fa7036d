import { t } from '@lingui/core/macro';
import { App } from 'antd';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { sentence } from '../../api/client';
import type { DayNow, ShownList } from '../../api/types';
import { Pic } from '../../drawn/art';
import { notToday, type Mark } from '../../data/dayRun';
import { session } from '../../data/session';
import { dayNow, markDay } from '../../data/showing';
import { Held } from '../../shell/Held';
import { clockTime, longDay } from '../../shell/time';
import { NoPage } from './BookView';
import { NotShown } from './NotShown';
import { useReading } from './useReading';
import css from './showing.module.css';

type State = DayNow['run']['events'][number]['state'];

/** A day in a row: what is over, what is now, what comes, and what does not happen today. */
export function DayView({ shown, onLeave }: { shown: ShownList; onLeave: () => void }) {
  const account = useQuery(session).data?.account?.id ?? 0;
  const { data: day, error } = useQuery(dayNow(shown, account));
  const queries = useQueryClient();
  const { message } = App.useApp();
  const { notice, read } = useReading(shown);
  const [changing, setChanging] = useState(false);
  const mayMark = shown.may.includes('TALK');
  const { clock, gone } = shown.showing.day;
  useEffect(() => {
    const keys = (e: KeyboardEvent) => {
      if (e.key === 'Escape') (changing ? () => setChanging(false) : onLeave)();
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, [changing, onLeave]);
  // Somebody may change the day while it is shown.
  const other = day !== undefined && day.run.events.map((e) => e.id).join() !== shown.words.map((w) => w.id).join();
  useEffect(() => {
    if (other) void queries.invalidateQueries({ queryKey: ['showing', shown.id] });
  }, [other, queries, shown.id]);
  if (shown.words.length === 0) return <NoPage shown={shown} onLeave={onLeave} />;
  if (!day) return error ? <NotShown why={error} onLeave={onLeave} /> : null;

  async function mark(word: string, made?: Mark) {
    try {
      queries.setQueryData(dayNow(shown, account).queryKey, await markDay(shown, account, word, made));
    } catch (error) {
      void message.error(sentence(error), 6);
    }
  }
  function touch(id: string, text: string, state: State) {
    void read(state === 'NOT_TODAY' ? notToday(text) : text);
    if (!mayMark) return;
    if (changing) void mark(id, state === 'NOT_TODAY' ? 'NOT_OVER' : 'NOT_TODAY');
    else if (state === 'NOW') void mark(id, 'OVER');
    else if (state === 'OVER') void mark(id, clock ? 'NOT_OVER' : undefined);
  }
  const many = shown.words.length;
  const columns = many <= 6 ? many : Math.ceil(many / Math.ceil(many / 6));
  return (
    <div className={css.day}>
      <div className={css.bar}>
        <strong>{longDay(day.day)}</strong>
        <span role="status">{notice || (changing ? t`Touch what does not happen today, or does after all.` : shown.name)}</span>
        {mayMark && (
          <Held className={css.leave} label={t`Change the day: hold, or press Enter`} title={t`Hold to change the day`} onHeld={() => setChanging(!changing)}>
            {changing ? t`hold: as it was` : t`hold to change`}
          </Held>
        )}
        <Held className={css.leave} label={t`Leave the day: hold, or press Escape`} title={t`Hold to leave`} leaves onHeld={onLeave}>{t`hold to leave`}</Held>
      </div>
      <ol className={css.events} style={{ gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))` }}>
        {shown.words.map((word) => {
          const event = day.run.events.find((e) => e.id === word.id);
          if (!event) return null;
          const { state, at } = event;
          return (
            <li key={word.id} data-state={state} data-gone={(state === 'OVER' && gone) || undefined}>
              <button
                type="button"
                onClick={() => touch(word.id, word.text, state)}
                aria-current={state === 'NOW' ? 'step' : undefined}
                style={word.paper ? { background: word.paper } : undefined}
              >
                {at != null && <span className={css.time}>{clockTime(at)}</span>}
                <span className={css.pictures}>
                  {word.pictures.map((p) => (
                    <Pic key={p} id={p} />
                  ))}
                  {state === 'NOT_TODAY' && <Crossed />}
                </span>
                <span className={css.label} dir="auto">
                  {state === 'NOT_TODAY' ? notToday(word.text) : word.text}
                </span>
                <span className={css.state}>{stateNamed(state)}</span>
              </button>
            </li>
          );
        })}
      </ol>
    </div>
  );
}

const stateNamed = (state: State) => ({ OVER: t`✓ over`, NOW: t`now`, COMES: '', NOT_TODAY: t`not today` })[state];

/** As “not” is drawn on paper: a stroke across. */
function Crossed() {
  return (
    <svg className={css.crossed} viewBox="0 0 100 100" aria-hidden="true">
      <path d="M8 92 92 8" />
    </svg>
  );
}
