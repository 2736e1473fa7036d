import { t } from '@lingui/core/macro';
import { Select } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { FoundPicture } from '../../api/types';
import { Pic } from '../../drawn/art';
import { askedFor, used } from '../../data/pictures';
import { caseload } from '../../data/students';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

/** What there is before anything is asked: the categories, and what a student's boards are made of. */
export function StartPictures({
  drawers,
  onCategory,
  onPick,
  onAsk,
}: {
  drawers: { name: string; example: string }[];
  onCategory: (name: string) => void;
  onPick: (picture: FoundPicture) => void;
  onAsk: (word: string) => void;
}) {
  const [student, setStudent] = useState<string>();
  const rows = useQuery(caseload);
  const lately = useQuery(used(student));
  const missing = useQuery(askedFor);
  return (
    <>
      <section className={css.startCategories} aria-label={t`Categories`}>
        {drawers.map((d) => (
          <button key={d.name} type="button" className={`${css.chip} ${css.pictured}`} onClick={() => onCategory(d.name)}>
            <Pic id={d.example} collected />
            {d.name}
          </button>
        ))}
      </section>
      {missing.data && missing.data.length > 0 && (
        <section className={css.startUsed} aria-label={t`Asked for and not there`}>
          <p className={parts.quiet}>{t`Words put on boards of this school that have no picture yet, for whoever draws or takes photos:`}</p>
          <p className={css.usedRow}>
            {missing.data.map((w) => (
              <button key={w.word} type="button" className={css.chip} onClick={() => onAsk(w.word)}>
                {w.times > 1 ? t`${w.word}, ${w.times} times` : w.word}
              </button>
            ))}
          </p>
        </section>
      )}
      <section className={css.startUsed} aria-label={t`Pictures a student uses`}>
        <label>
          {t`Pictures used for`}{' '}
          <Select
            allowClear
            aria-label={t`Student`}
            placeholder={t`a student`}
            className={css.soundChoice}
            value={student}
            onChange={setStudent}
            options={(rows.data ?? []).map((r) => ({ value: r.student.id, label: r.student.name }))}
          />
        </label>
        {lately.data && lately.data.recent.length === 0 && <p className={parts.quiet}>{t`None was chosen yet.`}</p>}
        {lately.data &&
          lately.data.recent.length > 0 &&
          (
            [
              [t`last`, lately.data.recent],
              [t`most often`, lately.data.often],
            ] as const
          ).map(([words, pictures]) => (
            <div key={words} className={css.usedRow}>
              <span className={parts.quiet}>{words}</span>
              {pictures.slice(0, 12).map((p) => (
                <button key={p.id} type="button" title={p.name} aria-label={p.name} onClick={() => onPick(p)}>
                  <Pic id={p.id} collected />
                </button>
              ))}
            </div>
          ))}
      </section>
    </>
  );
}
