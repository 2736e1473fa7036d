import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { sentence } from '../../api/client';
import type { CaseloadRow, Student } from '../../api/types';
import { allBoards, reachOf, vocabulary as vocabularyQuery } from '../../data/boards';
import { may } from '../../data/may';
import { revealed } from '../../data/plan';
import { caseload, student as studentQuery } from '../../data/students';
import { ArtOf } from '../../drawn/art';
import { DottedChoice } from '../../shell/Dotted';
import parts from '../../shell/parts.module.css';
import { HandNeeds } from '../first';
import { VoiceDialog } from '../student';
import { UseKept } from '../use';
import { BlocksEditor } from './BlocksEditor';
import { useKeptAccess } from './kept';
import { Switches } from './Switches';
import { Touch } from './Touch';
import { TryOut } from './TryOut';
import { millimetres } from './words';
import css from './settings.module.css';

/** All that is set for a student’s talk, with the board beside it. */
export default function TalkSettings() {
  const id = useParams().student!;
  const student = useQuery(studentQuery(id));
  const { data: rows } = useQuery(caseload);
  const row = rows?.find((r) => r.student.id === id);
  if (student.error && !student.data)
    return (
      <main className={parts.lone}>
        <h1>{t`This student cannot be shown`}</h1>
        <p role="alert">{sentence(student.error)}</p>
      </main>
    );
  if (!student.data || !rows || !row) return <main className={parts.page} aria-busy="true" />;
  return <Settings student={student.data} row={row} others={rows.filter((r) => r !== row && may(r, 'LOOK'))} />;
}

function Settings({ student, row, others }: { student: Student; row: CaseloadRow; others: CaseloadRow[] }) {
  const current = row.vocabulary?.id;
  const view = useQuery({ ...vocabularyQuery(current ?? 0), enabled: current !== undefined }).data;
  const { data: boards } = useQuery({ ...allBoards(current ?? 0), enabled: current !== undefined });
  const { data: shown } = useQuery({ ...revealed(current ?? 0, view?.version ?? 0), enabled: view !== undefined });
  const { data: reach } = useQuery({ ...reachOf(current ?? 0, view?.version ?? 0, view?.home ?? ''), enabled: view !== undefined });
  const [open, setOpen] = useState<'voice' | 'hand' | 'blocks'>();
  const kept = useKeptAccess(student);
  const mayEdit = may(row, 'CHANGE');
  const { touching, scanning } = student.access;
  const home = boards?.find((b) => b.id === view?.home);
  const close = () => setOpen(undefined);
  return (
    <main className={parts.page} data-ready={current === undefined || (home && shown) ? true : undefined}>
      <div className={parts.pageHead}>
        <h1>{t`How ${student.name} talks`}</h1>
        <span className={parts.grow} />
        {current !== undefined && may(row, 'TALK') && (
          <Link className={parts.door} to={`/vocabularies/${current}/talk`} state={{ back: `/students/${student.id}/talking` }}>{t`Talk`}</Link>
        )}
        <Link className={parts.door} to={`/students/${student.id}`}>{t`${student.name}’s page`}</Link>
      </div>
      {kept.told && <p role="alert">{kept.told}</p>}
      {kept.before && (
        <p role="status">
          {t`${student.name} talks with these settings now.`}{' '}
          <button type="button" className={parts.dotted} onClick={() => void kept.takeBack()}>{t`take it back`}</button>
        </p>
      )}
      <div className={css.beside}>
        <div>
          <section aria-label={t`How a touch counts`}>
            <h2>{t`Touch`}</h2>
            <Touch touching={touching} mayEdit={mayEdit} onChange={(to) => void kept.set({ touching: to })} />
          </section>
          <section aria-label={t`Switches`}>
            <h2>{t`Switches`}</h2>
            <Switches
              name={student.name}
              scanning={scanning ?? undefined}
              mayEdit={mayEdit}
              onChange={(to) => void kept.set({ scanning: to })}
              average={reach?.average}
              words={row.vocabulary?.shown ?? 0}
              onBlocks={() => setOpen('blocks')}
            />
          </section>
          <section aria-label={t`Voice`}>
            <h2>{t`Voice`}</h2>
            <p>
              {!student.voice
                ? t`Talks with whatever voice the device has.`
                : student.voice.where === 'OURS'
                  ? t`Talks with Dwimble’s own voice.`
                  : t`Talks with the voice ${student.voice.name}, where the device has it.`}{' '}
              {mayEdit && <button type="button" className={parts.dotted} onClick={() => setOpen('voice')}>{t`choose the voice`}</button>}
            </p>
          </section>
          <section aria-label={t`Cells and gaps`}>
            <h2>{t`Cells and gaps`}</h2>
            <Hand student={student} mayEdit={mayEdit} open={open === 'hand'} onOpen={() => setOpen('hand')} onClose={close} onKept={() => void kept.looked()} />
          </section>
          <section aria-label={t`What is kept`}>
            <h2>{t`What is kept`}</h2>
            <UseKept student={student} mayEdit={mayEdit} onChange={(to) => void kept.setUse(to)} />
          </section>
          {mayEdit && others.length > 0 && (
            <p>
              <DottedChoice
                label={t`Whose settings`}
                items={others.map((r) => ({ key: r.student.id, label: r.student.name }))}
                onChoose={(from) => void kept.copy(from)}
              >
                {t`talk as another student does`}
              </DottedChoice>{' '}
              <span className={parts.quiet}>{t`Touch, switches, voice, cells and gaps become the same at once; it can be taken back.`}</span>
            </p>
          )}
        </div>
        <div>
          {view && home && shown ? (
            open === 'blocks' && scanning ? (
              <BlocksEditor board={home} blocks={scanning.blocks} onChange={(blocks) => void kept.set({ scanning: { ...scanning, blocks } })} onClose={close} />
            ) : (
              <ArtOf art={view.art} vocabulary={view.id}>
                <TryOut student={student} access={student.access} view={view} board={home} kept={shown.kept} />
              </ArtOf>
            )
          ) : (
            current === undefined && <p className={parts.quiet}>{t`There is no board yet to try it with.`}</p>
          )}
        </div>
      </div>
      {open === 'voice' && <VoiceDialog student={student} vocabulary={current} onClose={close} />}
    </main>
  );
}

interface HandProps {
  student: Student;
  mayEdit: boolean;
  open: boolean;
  onOpen: () => void;
  onClose: () => void;
  onKept: () => void;
}

/** What the hand needs of boards that are made for it. */
function Hand({ student, mayEdit, open, onOpen, onClose, onKept }: HandProps) {
  const { hand } = student;
  const usual = { leastCell: 30_000, gap: 20_000, reason: '' };
  return (
    <>
      <p>
        {hand
          ? t`First boards are made with cells of at least ${millimetres(hand.leastCell)}, ${millimetres(hand.gap)} apart. ${hand.reason}`
          : t`Nothing was found yet of how large cells must be; first boards are made as usual.`}{' '}
        {mayEdit && !open && <button type="button" className={parts.dotted} onClick={onOpen}>{t`what ${student.name}’s hand needs`}</button>}
      </p>
      {open && <HandNeeds student={student} hand={hand ?? usual} onClose={onClose} onKept={onKept} />}
    </>
  );
}
