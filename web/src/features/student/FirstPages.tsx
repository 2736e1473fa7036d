import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { allSeries } from '../../data/firstSeries';
import parts from '../../shell/parts.module.css';
import css from './students.module.css';

/** First boards that were made together, by their first page, and the way to make more. */
export function FirstPages({ mayMake }: { mayMake: boolean }) {
  const { data: all = [] } = useQuery(allSeries);
  if (all.length === 0 && !mayMake) return null;
  return (
    <p className={css.firstPages}>
      {all.map((s) => (
        <Link key={s.id} className={parts.door} to={`/first-boards/${s.id}`}>
          {s.name}
        </Link>
      ))}
      {mayMake && <Link className={parts.dotted} to="/first-boards">{t`first boards for several, from a table`}</Link>}
    </p>
  );
}
