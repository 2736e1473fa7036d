import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Input } from 'antd';
import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { sentence } from '../../api/client';
import type { StepUp as Step, VocabularyView } from '../../api/types';
import { vocabulary as vocabularyQuery } from '../../data/boards';
import { stepsUp } from '../../data/firstBoards';
import { caseload } from '../../data/students';
import { BoardPicture } from '../../drawn/BoardPicture';
import { useEdits } from '../edit';
import parts from '../../shell/parts.module.css';
import css from './stepup.module.css';

/** The step from first boards to a starter: for each of them which words move and which stay, and the step itself. */
export default function StepUp() {
  const id = Number(useParams().vocabulary);
  const view = useQuery(vocabularyQuery(id));
  const [stepped, setStepped] = useState(false);
  // Once it is made there is nothing more to step up from.
  const steps = useQuery({ ...stepsUp(id, view.data?.version ?? 0), enabled: view.data !== undefined && !stepped, placeholderData: keepPreviousData });
  const error = view.error ?? steps.error;
  if (error)
    return (
      <main className={parts.lone}>
        <h1>{t`No step up from here`}</h1>
        <p role="alert">{sentence(error)}</p>
      </main>
    );
  if (!view.data || !steps.data) return <main className={parts.page} aria-busy="true" />;
  return <Steps view={view.data} steps={steps.data.steps} needsReason={steps.data.needsReason} onStep={setStepped} />;
}

function Steps({ view, steps, needsReason, onStep }: { view: VocabularyView; steps: Step[]; needsReason: boolean; onStep: (begun: boolean) => void }) {
  const { make, asking } = useEdits(view.id);
  const [reason, setReason] = useState('');
  const [busy, setBusy] = useState(false);
  const queries = useQueryClient();
  const navigate = useNavigate();
  async function step(starter: string) {
    setBusy(true);
    onStep(true);
    const made = await make({ what: 'step up', base: view.version, starter, reason: reason.trim() || undefined });
    setBusy(false);
    onStep(made !== undefined);
    if (!made) return;
    void queries.invalidateQueries({ queryKey: caseload.queryKey });
    void navigate(`/vocabularies/${view.id}`);
  }
  return (
    <main className={parts.page} data-ready>
      <div className={parts.pageHead}>
        <h1>{t`On from ${view.name}`}</h1>
        <span className={parts.quiet}>{t`Each word stays the same word, with its photo and its recording. Undo takes the step back.`}</span>
        <span className={parts.grow} />
        <Link className={parts.door} to={`/vocabularies/${view.id}`}>{t`Boards`}</Link>
      </div>
      {needsReason && (
        <p>
          <label>
            {t`Places are kept for this student. Why it must be, for the history`}{' '}
            <Input className={css.reason} value={reason} maxLength={200} onChange={(e) => setReason(e.target.value)} />
          </label>
        </p>
      )}
      <div className={css.steps}>
        {steps.map((s) => (
          <article key={s.starter} className={css.step} aria-label={s.name}>
            <h2>{s.name}</h2>
            <div className={css.home}>
              <BoardPicture board={s.home} label={t`The home board of ${s.name}`} />
            </div>
            <p>{s.about}</p>
            <Moves step={s} />
            <Button type="primary" disabled={busy || (needsReason && !reason.trim())} onClick={() => void step(s.starter)}>
              {t`Step up to ${s.name}`}
            </Button>
          </article>
        ))}
      </div>
      {asking}
    </main>
  );
}

/** Which words go where, and which stay. */
function Moves({ step: { moved, stays, opened, name } }: { step: Step }) {
  return (
    <>
      {moved.length > 0 && (
        <>
          <p>{plural(moved.length, { one: '# word goes to where it stands there:', other: '# words go to where they stand there:' })}</p>
          <ul>
            {moved.map((m, i) => (
              <li key={i}>
                <Trans>
                  <strong>{m.word}</strong> to {m.board}, {plural(m.touches, { one: '# touch', other: '# touches' })}
                </Trans>
              </li>
            ))}
          </ul>
        </>
      )}
      {stays.length > 0 && (
        <p>
          <Trans>
            <strong>{stays.join(', ')}</strong>{' '}
            {plural(stays.length, {
              one: `is not in it and stays where it is, on “${opened}”, opened from home.`,
              other: `are not in it and stay where they are, on “${opened}”, opened from home.`,
            })}
          </Trans>
        </p>
      )}
      {moved.length === 0 && stays.length === 0 && <p>{t`There is no word yet that ${name} could keep.`}</p>}
    </>
  );
}
