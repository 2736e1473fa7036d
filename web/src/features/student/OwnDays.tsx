import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Alert, Button, Input } from 'antd';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { OwnDays as Days } from '../../api/types';
import { addOwnDay, liveIn, ownDays, removeOwnDay } from '../../data/ownDays';
import { answered } from '../../shell/answered';
import { DottedChoice } from '../../shell/Dotted';
import { dayOf } from '../../shell/time';
import { ZoneChoice } from '../../shell/ZoneChoice';
import parts from '../../shell/parts.module.css';
import css from './students.module.css';

type Day = Days['days'][number];

const comesNames = (): { [C in Day['comes']]: string } => ({ BIRTHDAY: t`the day of birth`, ONCE: t`once`, YEARLY: t`every year` });

/** What a student looks forward to, for buttons that say what comes next, and where the student’s clock is right. */
export function OwnDays({ student }: { student: { id: string; name: string } }) {
  const queries = useQueryClient();
  const { data } = useQuery(ownDays(student.id));
  const [adding, setAdding] = useState(false);
  const [told, setTold] = useState('');
  const changed = {
    onSuccess: (now: Days) => {
      answered(queries, ownDays(student.id).queryKey, now);
      void queries.invalidateQueries({ queryKey: ['day words'] });
      setTold('');
      setAdding(false);
    },
    onError: (error: Error) => setTold(sentence(error)),
  };
  const adds = useMutation({ mutationFn: (day: Parameters<typeof addOwnDay>[1]) => addOwnDay(student.id, day), ...changed });
  const removes = useMutation({ mutationFn: (day: number) => removeOwnDay(student.id, day), ...changed });
  const moves = useMutation({ mutationFn: (zone?: string) => liveIn(student.id, zone), ...changed });
  if (!data) return null;
  const born = data.days.some((d) => d.comes === 'BIRTHDAY');
  const schools = { value: '', label: t`where the school is` };
  return (
    <section id="days" className={css.panel} aria-label={t`Days to look forward to`}>
      <h2>{t`Days to look forward to`}</h2>
      {data.days.length === 0 && <p className={parts.quiet}>{t`A birthday, a trip: buttons can say what comes next, and how old ${student.name} is.`}</p>}
      <ul className={css.plain}>
        {data.days.map((d) => (
          <li key={d.id}>
            <strong dir="auto">{d.name}</strong>: {dayOf(d.date)}
            {d.comes !== 'ONCE' && <span className={parts.quiet}>, {comesNames()[d.comes]}</span>}{' '}
            <button type="button" className={parts.dotted} aria-label={t`Take ${d.name} away`} onClick={() => removes.mutate(d.id)}>{t`take away`}</button>
          </li>
        ))}
      </ul>
      {told && <Alert type="warning" title={told} />}
      {adding ? (
        <NewDay born={born} onAdd={(day) => adds.mutate(day)} onLeave={() => setAdding(false)} />
      ) : (
        <button type="button" className={parts.dotted} onClick={() => setAdding(true)}>
          {born ? t`add a day` : t`add the birthday or another day`}
        </button>
      )}
      <p className={parts.quiet}>
        <Trans>
          {student.name}’s clock is right{' '}
          <ZoneChoice
            label={t`Where the clock of ${student.name} is right`}
            zone={data.zone ?? data.school}
            shown={data.zone ? undefined : schools.label}
            first={[schools]}
            onChoose={(zone) => moves.mutate(zone || undefined)}
          />
        </Trans>
      </p>
    </section>
  );
}

function NewDay({ born, onAdd, onLeave }: { born: boolean; onAdd: (day: { name: string; date: string; comes: Day['comes'] }) => void; onLeave: () => void }) {
  const [name, setName] = useState(born ? '' : t`birthday`);
  const [date, setDate] = useState('');
  const [comes, setComes] = useState<Day['comes']>(born ? 'ONCE' : 'BIRTHDAY');
  const choices = (Object.keys(comesNames()) as Day['comes'][]).filter((c) => !born || c !== 'BIRTHDAY');
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        onAdd({ name, date, comes });
      }}
    >
      <p>
        <Input
          aria-label={t`What the day is`}
          placeholder={t`such as: trip to the seals`}
          value={name}
          onChange={(e) => setName(e.target.value)}
          maxLength={60}
          dir="auto"
          autoFocus
        />
      </p>
      <p>
        <input type="date" aria-label={t`Which day`} value={date} onChange={(e) => setDate(e.target.value)} />{' '}
        <DottedChoice
          label={t`How often it comes`}
          items={choices.map((key) => ({ key, label: comesNames()[key] }))}
          onChoose={(key) => setComes(key as Day['comes'])}
        >
          {comesNames()[comes]}
        </DottedChoice>
      </p>
      <div className={parts.sentenceButtons}>
        <Button htmlType="submit" type="primary">{t`Keep the day`}</Button>
        <Button onClick={onLeave}>{t`Leave it`}</Button>
      </div>
    </form>
  );
}
