import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { App, Button, Dropdown, Input } from 'antd';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { sentence } from '../../api/client';
import type { CaseloadRow, Glance, Student } from '../../api/types';
import { artOf } from '../../drawn/art';
import { RowOf } from '../showing';
import { dayAndTime, today } from '../../shell/time';
import { FirstPages } from './FirstPages';
import { HadBack } from './HadBack';
import { HomePicture } from './HomePicture';
import { MoveOn } from './MoveOn';
import { Next } from './Next';
import { ShownLine } from './ShownLine';
import { caseload, deleteStudent, deleteVocabulary, glances as glancesQuery } from '../../data/students';
import { StudentForm } from './StudentForm';
import { Team } from './Team';
import parts from '../../shell/parts.module.css';
import { may } from '../../data/may';
import { TalkHere } from './TalkHere';
import css from './students.module.css';

type Open = { what: 'add' } | { what: 'student'; student: Student } | { what: 'team'; row: CaseloadRow } | { what: 'had back' } | undefined;

/** A day at a glance: one row a student. */
export function Caseload() {
  const { data: rows, error } = useQuery(caseload);
  const [open, setOpen] = useState<Open>();
  const { data: glances } = useQuery(glancesQuery);
  const [word, setWord] = useState('');
  const navigate = useNavigate();
  // Who looks after one child at home has somebody to look at, and nobody to add.
  const mayAdd = rows !== undefined && (rows.length === 0 || rows.some((r) => may(r, 'CHANGE')));
  // A tablet that only talks has no words to look for and nothing to have back.
  const looks = rows !== undefined && (rows.length === 0 || rows.some((r) => may(r, 'LOOK')));
  return (
    <main className={parts.page} data-ready={rows && glances ? true : undefined}>
      <div className={parts.pageHead}>
        <h1>{today()}</h1>
        {rows && <span className={parts.quiet}>{plural(rows.length, { one: '# student', other: '# students' })}</span>}
        <span className={parts.grow} />
        {looks && (
          <Input
            className={css.seek}
            aria-label={t`Where is a word, for each student?`}
            placeholder={t`Where is a word?`}
            value={word}
            onChange={(e) => setWord(e.target.value)}
            autoComplete="off"
            onPressEnter={() => {
              if (word.trim()) void navigate(`/where?word=${encodeURIComponent(word.trim())}`);
            }}
          />
        )}
        {mayAdd && <Button type="primary" onClick={() => setOpen({ what: 'add' })}>{t`Add a student`}</Button>}
      </div>
      {error && <p role="alert">{sentence(error)}</p>}
      {error && <TalkHere />}
      {rows?.length === 0 && <p className={css.nobodyYet}>{t`Nobody is on your caseload yet. Add a student, or ask a colleague to put you on a team.`}</p>}
      <ul className={css.caseload}>
        {rows?.map((row) => (
          <Row key={row.student.id} row={row} glance={glances?.find((g) => g.vocabulary === row.vocabulary?.id)} onOpen={setOpen} />
        ))}
      </ul>
      <FirstPages mayMake={rows !== undefined && rows.length > 0 && rows.some((r) => may(r, 'CHANGE'))} />
      {looks && (
        <p className={css.hadBack}>
          <button type="button" className={parts.dotted} onClick={() => setOpen({ what: 'had back' })}>{t`what was deleted`}</button>
        </p>
      )}
      {open?.what === 'had back' && <HadBack onClose={() => setOpen(undefined)} />}
      {open?.what === 'add' && <StudentForm onClose={() => setOpen(undefined)} onKept={(s) => void navigate(`/students/${s.id}/start`)} />}
      {open?.what === 'student' && <StudentForm student={open.student} onClose={() => setOpen(undefined)} />}
      {open?.what === 'team' && <Team student={open.row.student} owns={may(open.row, 'OWN')} onClose={() => setOpen(undefined)} />}
    </main>
  );
}

function Row({ row, glance, onOpen }: { row: CaseloadRow; glance?: Glance; onOpen: (open: Open) => void }) {
  const { student, vocabulary } = row;
  const navigate = useNavigate();
  const edits = may(row, 'CHANGE');
  if (!may(row, 'LOOK')) return <TalksOnly row={row} />;
  const year = student.schoolYear === undefined ? undefined : t`year ${student.schoolYear}`;
  const more = [
    { key: 'start', label: vocabulary ? t`Start another vocabulary` : t`Bring in boards from a file`, show: edits },
    { key: 'first', label: t`Make a first board`, show: edits && vocabulary !== undefined },
    { key: 'student', label: t`About ${student.name}`, show: edits },
    { key: 'team', label: t`Team`, show: true },
    { key: 'vocabulary', label: t`Delete “${vocabulary?.name ?? ''}”…`, show: edits && vocabulary !== undefined },
    { key: 'delete', label: t`Delete ${student.name}…`, show: may(row, 'OWN') },
  ].filter((m) => m.show);
  return (
    <li className={css.student} aria-label={student.name}>
      {vocabulary ? <HomePicture vocabulary={vocabulary.id} name={student.name} /> : <span className={`${css.homePicture} ${css.none}`} aria-hidden="true" />}
      <div className={css.who}>
        <h2>
          <Link to={`/students/${student.id}`}>{student.name}</Link>
        </h2>
        <p>{[year, student.className].filter(Boolean).join(' · ') || t`no class yet`}</p>
        {vocabulary && <p>{t`${vocabulary.rows} x ${vocabulary.columns} grid, ${vocabulary.boards} boards`}</p>}
      </div>
      {vocabulary ? (
        <>
          <div>
            <p>
              <Trans>
                <strong>{vocabulary.shown}</strong> of {vocabulary.words} words shown
              </Trans>
            </p>
            {glance ? <ShownLine glance={glance} /> : <div className={css.linePlace} />}
            {glance && glance.plan.steps.length > 0 && <MoveOn glance={glance} mayEdit={edits} />}
          </div>
          <div className={css.change}>
            <p>
              {vocabulary.changedBy ?? t`Dwimble`} {vocabulary.change}
            </p>
            <p className={parts.quiet}>
              {dayAndTime(vocabulary.changedAt)}
              {row.vocabularies > 1 && t` · in “${vocabulary.name}”, one of ${row.vocabularies} vocabularies`}
            </p>
            {glance && <Next glance={glance} mayEdit={edits} most={2} />}
          </div>
          <div className={css.doors}>
            <Link className={parts.door} to={`/vocabularies/${vocabulary.id}`}>{t`Boards`}</Link>
            <Link className={parts.door} to={`/vocabularies/${vocabulary.id}/print`}>{t`Print`}</Link>
            {may(row, 'TALK') && <Link className={parts.door} to={`/vocabularies/${vocabulary.id}/talk`}>{t`Talk`}</Link>}
            <More items={more} row={row} onOpen={onOpen} />
          </div>
        </>
      ) : (
        <>
          <p className={css.wide}>{t`No boards yet.`}</p>
          <div className={css.doors}>
            {edits && <Button type="primary" onClick={() => void navigate(`/students/${student.id}/first`)}>{t`Make a first board`}</Button>}
            {edits && <Button onClick={() => void navigate(`/students/${student.id}/start`)}>{t`Start a vocabulary`}</Button>}
            <More items={more} row={row} onOpen={onOpen} />
          </div>
        </>
      )}
    </li>
  );
}

/** As a tablet at home has it: the way to talk, and nothing about the student. */
function TalksOnly({ row: { student, vocabulary } }: { row: CaseloadRow }) {
  return (
    <li className={css.student} aria-label={student.name}>
      {vocabulary ? <HomePicture vocabulary={vocabulary.id} name={student.name} /> : <span className={`${css.homePicture} ${css.none}`} aria-hidden="true" />}
      <div className={css.who}>
        <h2>{student.name}</h2>
      </div>
      <div className={css.wide}>
        {!vocabulary && <p>{t`No boards yet.`}</p>}
        <RowOf student={student.id} name={student.name} art={artOf(student.appearance)} mayEdit={false} />
      </div>
      <div className={css.doors}>{vocabulary && <Link className={parts.door} to={`/vocabularies/${vocabulary.id}/talk`}>{t`Talk`}</Link>}</div>
    </li>
  );
}

function More({ items, row, onOpen }: { items: { key: string; label: string }[]; row: CaseloadRow; onOpen: (open: Open) => void }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const { modal, message } = App.useApp();
  function ask(title: string, gone: () => Promise<unknown>) {
    void modal.confirm({
      title,
      content: t`For 30 days it can be had back, with every version: see “what was deleted” below the students.`,
      okText: t`Delete`,
      cancelText: t`Leave it`,
      onOk: () =>
        gone().then(
          () => queries.invalidateQueries({ queryKey: ['caseload'] }),
          (error: unknown) => message.error(sentence(error), 6),
        ),
    });
  }
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items: items.map(({ key, label }) => ({ key, label })),
        onClick: ({ key }) => {
          if (key === 'start') void navigate(`/students/${row.student.id}/start`);
          if (key === 'first') void navigate(`/students/${row.student.id}/first`);
          if (key === 'student') onOpen({ what: 'student', student: row.student });
          if (key === 'team') onOpen({ what: 'team', row });
          if (key === 'delete') ask(t`Delete ${row.student.name} with all boards?`, () => deleteStudent(row.student.id));
          if (key === 'vocabulary') ask(t`Delete “${row.vocabulary!.name}”?`, () => deleteVocabulary(row.vocabulary!.id));
        },
      }}
    >
      <Button aria-label={t`More for ${row.student.name}`}>⋯</Button>
    </Dropdown>
  );
}
