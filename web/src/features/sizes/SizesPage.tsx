import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { sentence } from '../../api/client';
import { sizes, type Measured } from '../../data/sizes';
import { student as studentQuery } from '../../data/students';
import parts from '../../shell/parts.module.css';
import { Lines } from './Lines';
import { WhichScreen } from './WhichScreen';
import css from './sizes.module.css';

/** How large the cells of each starter and grid are on a student’s screen, or on one that is thought of. */
export default function SizesPage() {
  const id = useParams().student!;
  const [on, setOn] = useState<Measured>({});
  const { data: who, error } = useQuery(studentQuery(id));
  const read = useQuery(sizes(id, on));
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
        <Link className={parts.door} to={`/students/${id}`}>{t`Back to ${who.name}’s page`}</Link>
      </div>
      <div className={css.both}>
        <section className={css.panel} aria-label={t`The screen`}>
          <WhichScreen student={who} on={on} screen={read.data?.screen} onChoose={setOn} />
        </section>
        <section className={css.panel} aria-label={t`Cells`} aria-live="polite">
          {read.error ? <p role="alert">{sentence(read.error)}</p> : read.data && <Lines sizes={read.data} name={who.name} />}
        </section>
      </div>
    </main>
  );
}
