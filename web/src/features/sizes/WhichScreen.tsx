import { t } from '@lingui/core/macro';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, InputNumber, Radio, Select } from 'antd';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { Student } from '../../api/types';
import { may } from '../../data/may';
import type { Measured } from '../../data/sizes';
import { caseload, changeStudent, screenName, screens, studentChanged } from '../../data/students';
import parts from '../../shell/parts.module.css';
import { Card } from './Card';
import css from './sizes.module.css';

type By = 'own' | 'usual' | 'diagonal' | 'card';

interface Props {
  student: Student;
  on: Measured;
  screen?: Student['screen'];
  onChoose: (on: Measured) => void;
}

/** Which screen: the student’s own, a usual one, one by its diagonal and dots, or this one, measured by a bank card. */
export function WhichScreen({ student, on, screen, onChoose }: Props) {
  const { data: usual = [] } = useQuery(screens);
  const [by, setBy] = useState<By>('own');
  const dots = { across: window.screen.width, down: window.screen.height };
  const choose = (way: By) => {
    setBy(way);
    onChoose(way === 'diagonal' ? { diagonal: 10, across: 2160, down: 1620 } : way === 'card' ? { card: 320, ...dots } : {});
  };
  return (
    <>
      <Radio.Group
        className={css.ways}
        aria-label={t`Which screen`}
        value={by}
        onChange={(e) => choose(e.target.value as By)}
        options={[
          { value: 'own', label: t`${student.name}’s screen: ${screenName(student.screen, usual)}` },
          { value: 'usual', label: t`another of the usual ones` },
          { value: 'diagonal', label: t`by its diagonal and its dots` },
          { value: 'card', label: t`this one, with a bank card` },
        ]}
      />
      {by === 'usual' && (
        <Select
          aria-label={t`A usual screen`}
          style={{ inlineSize: '100%' }}
          placeholder={t`choose one`}
          onChange={(name: string) => {
            const chosen = usual.find((s) => s.name === name)!.screen;
            onChoose({ width: chosen.width, height: chosen.height });
          }}
          options={usual.map((s) => ({ value: s.name, label: s.name }))}
        />
      )}
      {by === 'diagonal' && (
        <div className={css.fields}>
          <Field label={t`inches across the corner`} value={on.diagonal} least={3} onKeep={(diagonal) => onChoose({ ...on, diagonal })} />
          <Field label={t`dots across`} value={on.across} least={1} onKeep={(across) => onChoose({ ...on, across })} />
          <Field label={t`dots down`} value={on.down} least={1} onKeep={(down) => onChoose({ ...on, down })} />
        </div>
      )}
      {by === 'card' && <Card width={on.card ?? 320} onChange={(card) => onChoose({ ...on, card })} />}
      {screen && (
        <p>
          {t`That is ${Math.round(screen.width / 1000)} x ${Math.round(screen.height / 1000)} mm.`} <TakeIt student={student} screen={screen} />
        </p>
      )}
    </>
  );
}

function Field({ label, value, least, onKeep }: { label: string; value?: number; least: number; onKeep: (value: number) => void }) {
  return (
    <label>
      {label} <InputNumber min={least} max={20000} value={value} onChange={(v) => v && onKeep(v)} />
    </label>
  );
}

/** Keeps the screen for the student, where it is another than it was. */
function TakeIt({ student, screen }: { student: Student; screen: Student['screen'] }) {
  const queries = useQueryClient();
  const { data: all = [] } = useQuery(caseload);
  const row = all.find((r) => r.student.id === student.id);
  const keeping = useMutation({
    mutationFn: () => changeStudent(student, { ...student, screen }),
    onSuccess: (kept) => studentChanged(queries, kept.id),
  });
  const same = screen.width === student.screen.width && screen.height === student.screen.height;
  if (same || !row || !may(row, 'CHANGE')) return null;
  return (
    <>
      <Button loading={keeping.isPending} onClick={() => keeping.mutate()}>
        {t`${student.name} talks on this one`}
      </Button>
      {keeping.isError && <span className={parts.quiet}>{sentence(keeping.error)}</span>}
    </>
  );
}
