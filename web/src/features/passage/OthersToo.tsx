import { t } from '@lingui/core/macro';
import { useQueries, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Student } from '../../api/types';
import { passage } from '../../data/passage';
import { caseload, vocabularies } from '../../data/students';
import { Several } from '../../shell/Several';
import parts from '../../shell/parts.module.css';
import { Bar } from './Shares';
import css from './passage.module.css';

/** The same texts for others of the caseload: a class. */
export function OthersToo({ texts, student }: { texts: string[]; student: Student }) {
  const { data: all = [] } = useQuery(caseload);
  const [chosen, setChosen] = useState<string[]>([]);
  const others = all.filter((row) => row.may.includes('LOOK') && row.student.id !== student.id).map((row) => row.student);
  const group = others.filter((s) => student.className && s.className === student.className);
  if (others.length === 0) return null;
  return (
    <>
      <label className={css.label}>
        {t`The same for`}
        <Several<string>
          aria-label={t`The same for others of the caseload`}
          value={chosen}
          onChange={setChosen}
          style={{ inlineSize: '100%' }}
          placeholder={t`others of your caseload`}
          options={others.map((s) => ({ value: s.id, label: s.name }))}
          optionFilterProp="label"
        />
      </label>
      {group.length > chosen.length && (
        <p>
          <button type="button" className={parts.dotted} onClick={() => setChosen(group.map((s) => s.id))}>
            {t`all of class ${student.className}`}
          </button>
        </p>
      )}
      <OfEach texts={texts} students={others.filter((s) => chosen.includes(s.id))} />
    </>
  );
}

function OfEach({ texts, students: some }: { texts: string[]; students: { id: string; name: string }[] }) {
  const of = useQueries({ queries: some.map((s) => vocabularies(s.id)) });
  const firsts = of.map((q) => q.data?.[0]);
  const read = useQueries({ queries: firsts.map((v) => ({ ...passage(v?.vocabulary ?? 0, undefined, texts), enabled: v !== undefined })) });
  return (
    <ul className={css.others}>
      {some.map((s, i) => {
        const share = read[i].data?.all;
        return (
          <li key={s.id}>
            <strong>{s.name}</strong> <span className={parts.quiet}>{firsts[i]?.name ?? (of[i].data && t`has no boards`)}</span>
            {share && (
              <>
                <span className={css.share}>{t`${share.percent} %`}</span>
                <Bar share={share} />
              </>
            )}
            {read[i].error && <span role="alert">{t`You may not look into these boards.`}</span>}
          </li>
        );
      })}
    </ul>
  );
}
