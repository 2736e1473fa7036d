import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { pointing } from '../../data/pointing';
import { dayOf } from '../../shell/time';
import parts from '../../shell/parts.module.css';
import { surely } from '../pointing';

/** What the latest pointing check found, and the way to it. */
export function Pointed({ student, name }: { student: string; name: string }) {
  const { data: checks } = useQuery(pointing(student));
  const [last, before] = checks ?? [];
  const now = last && surely(last);
  const then = before && surely(before);
  return (
    <p>
      {last && now === undefined && t`On ${dayOf(last.day)} no size was hit for sure.`}
      {last && now !== undefined && t`Cells of ${Math.round(now)} mm are hit for sure, as found on ${dayOf(last.day)}.`}
      {now !== undefined && then !== undefined && ` ${t`Before, of ${Math.round(then)} mm.`}`}{' '}
      <Link className={parts.dotted} to={`/students/${student}/pointing`}>
        {last ? t`pointing checks` : t`check what ${name} points at`}
      </Link>
    </p>
  );
}
