import { t } from '@lingui/core/macro';
import { useContext } from 'react';
import { Link } from 'react-router';
import type { DayWord, VocabularyView } from '../../api/types';
import { DayWords } from '../../data/dayWords';
import bench from '../../shell/bench.module.css';
import parts from '../../shell/parts.module.css';

/** Why a day word is not said, and what to do so that it is. */
export function DayWordMissing({ day, said, student, mayEdit }: { day: DayWord; said: boolean; student: VocabularyView['student']; mayEdit: boolean }) {
  const known = useContext(DayWords) !== undefined;
  if (said || !known) return null;
  const name = student?.name ?? t`the student`;
  const ofStudent = day === 'AGE' || day === 'NEXT';
  return (
    <p className={bench.factNote} role="status">
      {day === 'AGE' && t`Nobody has written down yet when ${name} was born, so it shows what it is called.`}
      {day === 'NEXT' && t`No day is written down that ${name} looks forward to, so it shows what it is called.`}
      {!ofStudent && t`This language has no word for it here, so it shows what it is called.`}{' '}
      {ofStudent && student && mayEdit && (
        <Link className={parts.dotted} to={`/students/${student.id}#days`}>
          {t`write it down`}
        </Link>
      )}
    </p>
  );
}
