import { t } from '@lingui/core/macro';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link, useLocation, useNavigate, useParams } from 'react-router';
import { sentence } from '../../api/client';
import { allSeries, forgetSeries, series } from '../../data/firstSeries';
import { may } from '../../data/may';
import { caseload } from '../../data/students';
import { ArtOf, Pic } from '../../drawn/art';
import { Told } from './Told';
import parts from '../../shell/parts.module.css';
import css from './table.module.css';

/** The first page of boards that were made together: each child’s photo and name opens talk. */
export default function FirstPage() {
  const id = Number(useParams().series);
  const page = useQuery(series(id));
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { data: rows = [] } = useQuery(caseload);
  const changes = (student: string) =>
    may(
      rows.find((r) => r.student.id === student),
      'CHANGE',
    );
  const said = (useLocation().state as { said?: string[] } | null)?.said ?? [];
  if (page.error)
    return (
      <main className={parts.lone}>
        <h1>{t`This page cannot be shown`}</h1>
        <p role="alert">{sentence(page.error)}</p>
      </main>
    );
  if (!page.data) return <main className={parts.page} aria-busy="true" />;
  const { name, boards, mine } = page.data;
  async function forget() {
    await forgetSeries(id);
    void queries.invalidateQueries({ queryKey: allSeries.queryKey });
    void navigate('/caseload');
  }
  return (
    <main className={parts.page} data-ready>
      <div className={parts.pageHead}>
        <h1>{name}</h1>
        <span className={parts.quiet}>{t`Touch a name to talk.`}</span>
        <span className={parts.grow} />
        {mine && (
          <button type="button" className={parts.dotted} onClick={() => void forget()}>
            {t`take this page away; the boards stay`}
          </button>
        )}
      </div>
      <Told coming={0} wrong={said} />
      <ul className={css.page}>
        {boards.map((b) => (
          <li key={b.vocabulary}>
            <ArtOf art={b.art}>
              <Link to={b.talks ? `/vocabularies/${b.vocabulary}/talk` : `/vocabularies/${b.vocabulary}`} state={{ back: `/first-boards/${id}` }}>
                {b.photo ? (
                  <Pic id={b.photo} collected />
                ) : (
                  <span className={css.letter} aria-hidden="true">
                    {b.studentName.slice(0, 1)}
                  </span>
                )}
                <strong>{b.studentName}</strong>
              </Link>
            </ArtOf>
            {changes(b.student) && (
              <Link className={parts.dotted} to={`/students/${b.student}/first/${b.vocabulary}`} aria-label={t`say the words of ${b.studentName}`}>
                {t`say the words, add more`}
              </Link>
            )}
          </li>
        ))}
      </ul>
    </main>
  );
}
