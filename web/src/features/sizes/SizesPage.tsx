import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { sentence } from '../../api/client';
import { pointing } from '../../data/pointing';
import { sizes, type Measured } from '../../data/sizes';
import { may } from '../../data/may';
import { caseload, student as studentQuery } from '../../data/students';
import parts from '../../shell/parts.module.css';
import { hitOf } from '../pointing';
import { Lines } from './Lines';
import { WhichScreen } from './WhichScreen';
import css from './sizes.module.css';

/** How large the cells of each starter and grid are on a student’s screen, or on one that is thought of. */
export default function SizesPage() {
  const id = useParams().student!;
  const [on, setOn] = useState<Measured>({});
  const { data: who, error } = useQuery(studentQuery(id));
  const read = useQuery(sizes(id, on));
  const knows = may(
    useQuery(caseload).data?.find((row) => row.student.id === id),
    'KNOW',
  );
  const { data: checks } = useQuery({ ...pointing(id), enabled: knows });
  // What was hit was hit on the student’s own screen.
  const own = Object.keys(on).length === 0;
  if (error)
    return (
      <main className={parts.lone}>
        <h1>{t`Nothing can be measured here`}</h1>
        <p role="alert">{sentence(error)}</p>
      </main>
    );
  if (!who) return <main className={parts.page} aria-busy="true" />;
  return (
    <main className={parts.page} data-ready>
      <div className={parts.pageHead}>
        <h1>{t`How large cells are for ${who.name}`}</h1>
        <span className={parts.grow} />
        {checks && <Link className={parts.door} to={`/students/${id}/pointing`}>{t`Pointing checks`}</Link>}
        <Link className={parts.door} to={`/students/${id}`}>{t`Back to ${who.name}’s page`}</Link>
      </div>
      <div className={css.both}>
        <section className={css.panel} aria-label={t`The screen`}>
          <WhichScreen student={who} on={on} screen={read.data?.screen} onChoose={setOn} />
        </section>
        <section className={css.panel} aria-label={t`Cells`} aria-live="polite">
          {read.error ? (
            <p role="alert">{sentence(read.error)}</p>
          ) : (
            read.data && <Lines sizes={read.data} name={who.name} hit={own && checks?.length ? hitOf(checks) : undefined} />
          )}
        </section>
      </div>
    </main>
  );
}
