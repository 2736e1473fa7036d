import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { sentence } from '../../api/client';
import { board as boardQuery, vocabulary as vocabularyQuery } from '../../data/boards';
import { firstBoards } from '../../data/firstBoards';
import { may } from '../../data/may';
import { caseload, screenName, screens, student as studentQuery } from '../../data/students';
import { Before } from './Before';
import { Made } from './Made';
import parts from '../../shell/parts.module.css';

/** A first board for a student, on one page: how many cells, what stands in them, each said. */
export default function FirstBoard() {
  const { student: id, vocabulary } = useParams();
  const student = useQuery(studentQuery(id!));
  const sizes = useQuery(firstBoards(id!));
  const { data: usual = [] } = useQuery(screens);
  const rows = useQuery(caseload);
  const view = useQuery({ ...vocabularyQuery(Number(vocabulary)), enabled: vocabulary !== undefined });
  const home = view.data?.boards.find((b) => b.id === view.data.home);
  const board = useQuery({ ...boardQuery(Number(vocabulary), home?.id ?? '', home?.revision), enabled: home !== undefined });
  const error = student.error ?? sizes.error ?? rows.error ?? view.error ?? board.error;
  if (error)
    return (
      <main className={parts.lone}>
        <h1>{t`No first board here`}</h1>
        <p role="alert">{sentence(error)}</p>
      </main>
    );
  if (!student.data || !sizes.data || !rows.data) return <main className={parts.page} aria-busy="true" />;
  const on = screenName(student.data.screen, usual);
  const mayEdit = may(
    rows.data.find((r) => r.student.id === id),
    'CHANGE',
  );
  if (vocabulary === undefined && !mayEdit)
    return (
      <main className={parts.lone}>
        <h1>{t`No first board here`}</h1>
        <p>{t`Boards of ${student.data.name} are made by those on the team who change boards. Ask one of them, or to become one.`}</p>
      </main>
    );
  if (vocabulary === undefined) return <Before student={student.data} sizes={sizes.data} on={on} />;
  if (!view.data || !board.data) return <main className={parts.page} aria-busy="true" />;
  return <Made key={view.data.id} student={student.data} view={view.data} board={board.data} free={home!.empty} on={on} />;
}
