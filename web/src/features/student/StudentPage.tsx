import { plural, t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { sentence } from '../../api/client';
import type { Glance } from '../../api/types';
import { versions, vocabulary as vocabularyQuery } from '../../data/boards';
import { useEdits } from '../edit';
import { Facts } from '../fact';
import { ArtOf, artOf, Pic } from '../../drawn/art';
import { heldWords } from '../../data/plan';
import { aboutHeld } from '../reveal';
import { RowOf } from '../showing';
import { WhatIsSaid } from '../use';
import { dayAndTime } from '../../shell/time';
import { MoveOn } from './MoveOn';
import { Next } from './Next';
import { ShownLine } from './ShownLine';
import { StudentForm } from './StudentForm';
import { Team } from './Team';
import { OwnDays } from './OwnDays';
import { Pointed } from './Pointed';
import { VoiceDialog } from './VoiceDialog';
import { lists, useBegin } from '../../data/lists';
import { caseload, glanceOf, screenName, screens, student as studentQuery, team as teamQuery, vocabularies } from '../../data/students';
import css from './students.module.css';
import { may } from '../../data/may';
import parts from '../../shell/parts.module.css';

const CHANGES = 8;
const HELD = 8;

/** Everything about a student in one place: what is worth doing next first. */
export default function StudentPage() {
  const id = useParams().student!;
  const student = useQuery(studentQuery(id));
  const row = useQuery(caseload).data?.find((r) => r.student.id === id);
  const { data: usual = [] } = useQuery(screens);
  const { data: printed = [] } = useQuery(lists(id));
  const begin = useBegin();
  const { data: members = [] } = useQuery(teamQuery(id));
  const { data: all = [] } = useQuery(vocabularies(id));
  const current = row?.vocabulary?.id;
  const { data: glances } = useQuery({ ...glanceOf(current ?? 0), enabled: current !== undefined });
  const [open, setOpen] = useState<'student' | 'team' | 'voice'>();
  const mayEdit = may(row, 'CHANGE');
  if (student.error && !student.data)
    return (
      <main className={parts.lone}>
        <h1>{t`This student cannot be shown`}</h1>
        <p role="alert">{sentence(student.error)}</p>
      </main>
    );
  if (!student.data || !row) return <main className={parts.page} aria-busy="true" />;
  const who = student.data;
  const [glance] = glances ?? [];
  return (
    <main className={parts.page} data-ready={current === undefined || glances ? true : undefined}>
      <div className={parts.pageHead}>
        <h1>{who.name}</h1>
        <span className={parts.quiet}>
          {[who.schoolYear !== undefined && who.schoolYear !== null && t`year ${who.schoolYear}`, who.className].filter(Boolean).join(' · ')}
        </span>
        <span className={parts.grow} />
        {current !== undefined && (
          <>
            <Link className={parts.door} to={`/vocabularies/${current}`}>{t`Boards`}</Link>
            {may(row, 'TALK') && <Link className={parts.door} to={`/vocabularies/${current}/talk`}>{t`Talk`}</Link>}
          </>
        )}
        {current === undefined && mayEdit && (
          <>
            <Link className={`${parts.door} ${parts.primary}`} to={`/students/${id}/first`}>{t`Make a first board`}</Link>
            <Link className={parts.door} to={`/students/${id}/start`}>{t`Start a vocabulary`}</Link>
          </>
        )}
      </div>
      <div className={css.aboutStudent}>
        <div>
          {current === undefined && (
            <section className={css.panel} aria-label={t`No boards yet`}>
              <h2>{t`No boards yet`}</h2>
              <p>
                {mayEdit
                  ? t`Two photos, or two words, are enough for a first board. What is put on it stays, also when ${who.name} goes on to a larger vocabulary.`
                  : t`What ${who.name} says stands here as soon as somebody of the team has made a first board.`}
              </p>
            </section>
          )}
          {glance && glance.next.length > 0 && (
            <section className={css.panel} aria-label={t`Worth doing next`}>
              <h2>{t`Worth doing next`}</h2>
              <Next glance={glance} mayEdit={mayEdit} />
            </section>
          )}
          {glance && row.vocabulary && (
            <Shown glance={glance} name={row.vocabulary.name} shown={row.vocabulary.shown} words={row.vocabulary.words} mayEdit={mayEdit} />
          )}
          {glance && <HeldHere vocabulary={glance.vocabulary} version={glance.version} />}
          {current !== undefined && (
            <section className={css.panel} aria-label={t`What is said`}>
              <h2>{t`What is said`}</h2>
              <WhatIsSaid student={id} name={who.name} vocabulary={current} mayEdit={mayEdit} />
            </section>
          )}
          {glance && <Changes vocabulary={glance.vocabulary} version={glance.version} />}
        </div>
        <div>
          <section className={css.panel} aria-label={t`Screen and look`}>
            <h2>{t`Screen and look`}</h2>
            <p>
              {who.appearance.look === 'CONTRAST'
                ? t`Talks on a ${screenName(who.screen, usual)}, with pictures in high contrast.`
                : t`Talks on a ${screenName(who.screen, usual)}, with pictures in colour.`}{' '}
              {who.placesKept
                ? t`Places are kept: a change that would move a shown word needs a reason.`
                : t`Places are not kept: before a word moves that has been learned, it is asked.`}
            </p>
            {mayEdit && <button type="button" className={parts.dotted} onClick={() => setOpen('student')}>{t`change this`}</button>}{' '}
            <Link className={parts.dotted} to={`/students/${id}/sizes`}>{t`how large cells are`}</Link>
            {mayEdit && <Pointed student={id} name={who.name} />}
            <p>
              {!who.voice
                ? t`Talks with whatever voice the device has.`
                : who.voice.where === 'OURS'
                  ? t`Talks with Dwimble’s own voice.`
                  : t`Talks with the voice ${who.voice.name}, where the device has it.`}
            </p>
            {mayEdit && <button type="button" className={parts.dotted} onClick={() => setOpen('voice')}>{t`choose the voice`}</button>}
            <p>
              {who.access.scanning ? t`Talks with a switch.` : t`Talks by touch.`}{' '}
              <Link className={parts.dotted} to={`/students/${id}/talking`}>{t`how ${who.name} talks`}</Link>
            </p>
          </section>
          {mayEdit && <OwnDays student={who} />}
          {mayEdit && (
            <section className={css.panel} aria-label={t`What is true of the student`}>
              <h2>{t`Facts`}</h2>
              <FactsHere student={who} vocabulary={current} />
            </section>
          )}
          <section className={css.panel} aria-label={t`Vocabularies`}>
            <h2>{t`Vocabularies`}</h2>
            <ul className={css.plain}>
              {all.map((v) => (
                <li key={v.vocabulary}>
                  <Link to={`/vocabularies/${v.vocabulary}`}>{v.name}</Link>
                </li>
              ))}
            </ul>
            {mayEdit && (
              <p>
                <Link className={parts.dotted} to={`/students/${id}/start`}>{t`start another`}</Link>{' '}
                <Link className={parts.dotted} to={`/students/${id}/first`}>{t`make a first board`}</Link>
              </p>
            )}
          </section>
          <section className={css.panel} aria-label={t`Days, walks and books`}>
            <h2>{t`Days, walks and books`}</h2>
            <RowOf student={id} name={student.data.name} art={artOf(student.data.appearance)} mayEdit={mayEdit} />
          </section>
          <section className={css.panel} aria-label={t`Word lists`}>
            <h2>{t`Word lists`}</h2>
            <ul className={css.plain}>
              {printed.map((l) => (
                <li key={l.id}>
                  <Link to={`/lists/${l.id}`}>{l.name}</Link>
                  <span className={parts.quiet}> {plural(l.words, { one: '# word', other: '# words' })}</span>
                </li>
              ))}
            </ul>
            {mayEdit && (
              <button type="button" className={parts.dotted} onClick={() => void begin({ student: id, name: t`For ${who.name}` })}>{t`begin a list`}</button>
            )}
          </section>
          <section className={css.panel} aria-label={t`Team`}>
            <h2>{t`Team`}</h2>
            <ul className={css.plain}>
              {members.map((m) => (
                <li key={m.accountId}>
                  {m.name}, {m.work}
                </li>
              ))}
            </ul>
            <button type="button" className={parts.dotted} onClick={() => setOpen('team')}>
              {may(row, 'OWN') ? t`change the team` : t`see the team`}
            </button>
          </section>
        </div>
      </div>
      {open === 'student' && <StudentForm student={who} onClose={() => setOpen(undefined)} />}
      {open === 'voice' && <VoiceDialog student={who} vocabulary={current} onClose={() => setOpen(undefined)} />}
      {open === 'team' && <Team student={who} owns={may(row, 'OWN')} onClose={() => setOpen(undefined)} />}
    </main>
  );
}

function Shown({ glance, name, shown, words, mayEdit }: { glance: Glance; name: string; shown: number; words: number; mayEdit: boolean }) {
  const { steps, at } = glance.plan;
  return (
    <section className={css.panel} aria-label={t`Words shown`}>
      <h2>{t`${shown} of ${words} words shown`}</h2>
      <ShownLine glance={glance} wide />
      {steps.length > 0 ? (
        <>
          <div className={css.steps}>
            <MoveOn glance={glance} mayEdit={mayEdit} back />
          </div>
          <ol className={css.plan} aria-label={t`Plan`}>
            {steps.map((s, i) => (
              <li key={s.id} aria-current={i + 1 === at ? 'step' : undefined}>
                <strong>{s.name}</strong> <span>{t`${glance.wordsByStep[i]} words`}</span>
              </li>
            ))}
          </ol>
        </>
      ) : (
        <p>
          {t`There is no plan for ${name}: everything is shown that is not held.`}{' '}
          {mayEdit && <Link className={parts.dotted} to={`/vocabularies/${glance.vocabulary}?lens=Reveal`}>{t`Show a few words first`}</Link>}
        </p>
      )}
    </section>
  );
}

function HeldHere({ vocabulary, version }: { vocabulary: number; version: number }) {
  const { data: held = [] } = useQuery(heldWords(vocabulary, version));
  const view = useQuery(vocabularyQuery(vocabulary));
  if (held.length === 0 || !view.data) return null;
  return (
    <section className={css.panel} aria-label={t`Held words`}>
      <h2>{plural(held.length, { one: '# word held back', other: '# words held back' })}</h2>
      <ArtOf art={view.data.art} vocabulary={vocabulary}>
        <ul className={css.held}>
          {held.slice(0, HELD).map((h) => (
            <li key={h.button}>
              {h.picture && <Pic id={h.picture} collected />}
              <strong dir="auto">{h.label || t`a picture`}</strong>{' '}
              {held.some((o) => o !== h && o.label === h.label) && (
                <span className={css.on}>{t`on ${view.data.boards.find((b) => b.id === h.board)?.name ?? t`a board`}`}</span>
              )}{' '}
              <span className={h.past ? css.past : parts.quiet}>{aboutHeld(h)}</span>
            </li>
          ))}
        </ul>
      </ArtOf>
      {held.length > HELD && <Link className={parts.dotted} to={`/vocabularies/${vocabulary}?lens=Reveal`}>{t`all ${held.length}, on the bench`}</Link>}
    </section>
  );
}

function Changes({ vocabulary, version }: { vocabulary: number; version: number }) {
  const { data = [] } = useQuery(versions(vocabulary, version));
  return (
    <section className={css.panel} aria-label={t`History`}>
      <h2>{t`What happened`}</h2>
      <ul className={css.plain}>
        {data.slice(0, CHANGES).map((v) => (
          <li key={v.number}>
            {v.name && <strong>{v.name}: </strong>}
            {v.by ?? t`Dwimble`} {v.summary} <span className={parts.quiet}>{dayAndTime(v.madeAt)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function FactsHere({ student, vocabulary }: { student: { id: string; name: string }; vocabulary?: number }) {
  const view = useQuery({ ...vocabularyQuery(vocabulary ?? 0), enabled: vocabulary !== undefined });
  const { edit } = useEdits(vocabulary ?? 0);
  const known = view.data && { id: view.data.id, version: view.data.version, step: view.data.plan.steps[view.data.plan.at - 1]?.id };
  const list = <Facts student={student} vocabulary={known} onEdit={(made) => edit(made, view.data!.version)} />;
  return view.data ? (
    <ArtOf art={view.data.art} vocabulary={view.data.id}>
      {list}
    </ArtOf>
  ) : (
    list
  );
}
