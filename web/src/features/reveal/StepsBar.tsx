import { plural, t } from '@lingui/core/macro';
import { Button as PlainButton, Dropdown, Input, Modal } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Intention, Step, VocabularyView } from '../../api/types';
import { dayOf } from '../../shell/time';
import { numberOf } from '../../data/plan';
import { paperOf } from '../../drawn/looks';
import { useBegin } from '../../data/lists';
import css from './reveal.module.css';
import parts from '../../shell/parts.module.css';

interface Props {
  view: VocabularyView;
  mayEdit: boolean;
  inHand?: string;
  onInHand: (step: string) => void;
  onEdit: (edit: Intention) => Promise<unknown>;
  onMoveOn: (step: Step) => void;
}

/** The steps of the plan under the board: the one in hand takes the words that are tapped, the dark one is where the student is. */
export function StepsBar({ view, mayEdit, inHand, onInHand, onEdit, onMoveOn }: Props) {
  const begin = useBegin();
  const navigate = useNavigate();
  const [changing, setChanging] = useState<Step | 'new'>();
  const { plan } = view;
  const wordsByStep = view.counts.byStep;
  const next = plan.steps[plan.at];
  if (plan.steps.length === 0) return null;
  return (
    <section className={css.steps} aria-label={t`Steps of the plan`}>
      <ol>
        {plan.steps.map((step, i) => {
          const number = i + 1;
          return (
            <li key={step.id} className={number === plan.at ? css.now : undefined}>
              <button
                type="button"
                className={css.step}
                aria-pressed={step.id === inHand}
                onClick={() => onInHand(step.id)}
                title={t`Words you tap go into step ${number}`}
              >
                <span className={css.paper} style={{ background: paperOf(number), height: 6 + Math.round(16 * share(wordsByStep[i], view)) }} />
                <strong>
                  {number}. {step.name}
                </strong>
                <span>{t`${whatOf(step, wordsByStep[i])} · ${whenOf(step, number, plan.at)}`}</span>
              </button>
              {mayEdit && (
                <Dropdown trigger={['click']} menu={{ items: menuOf(step, number, view), onClick: ({ key }) => choose(key, step) }}>
                  <button type="button" className={css.more} aria-label={t`More about step ${number}`}>
                    …
                  </button>
                </Dropdown>
              )}
            </li>
          );
        })}
      </ol>
      {mayEdit && (
        <div className={css.stepDoors}>
          {next && (
            <PlainButton type="primary" onClick={() => onMoveOn(next)}>
              {t`Move on to step ${plan.at + 1}`}
            </PlainButton>
          )}
          <button type="button" className={parts.dotted} onClick={() => setChanging('new')}>{t`add a step`}</button>
        </div>
      )}
      {changing && (
        <StepForm
          step={changing === 'new' ? undefined : changing}
          onClose={() => setChanging(undefined)}
          onKeep={(name, planned) =>
            onEdit(changing === 'new' ? { type: 'add-step', name, planned } : { type: 'change-step', step: changing.id, name, planned })
          }
        />
      )}
    </section>
  );

  function choose(key: string, step: Step) {
    const number = numberOf(plan, step.id);
    if (key === 'change') setChanging(step);
    else if (key === 'list') void begin({ vocabulary: view.id, student: view.student?.id, step: step.id, name: t`Words of “${step.name}”` });
    else if (key === 'go') onMoveOn(step);
    else if (key === 'try') void navigate(`/vocabularies/${view.id}/talk?step=${encodeURIComponent(step.id)}`);
    else if (key === 'earlier' || key === 'later') void onEdit({ type: 'move-step', step: step.id, number: key === 'earlier' ? number - 1 : number + 1 });
    else if (key === 'remove') void onEdit({ type: 'remove-step', step: step.id });
    else void onEdit({ type: 'end-plan' });
  }
}

const share = (words: number, view: VocabularyView) => (view.counts.words === 0 ? 0 : words / view.counts.words);

const menuOf = (step: Step, number: number, { plan }: VocabularyView) => [
  { key: 'change', label: t`Name and day…` },
  ...(number === plan.at ? [] : [{ key: 'try', label: t`Try it in talk; nothing is kept` }]),
  { key: 'list', label: t`Make a word list of its words` },
  ...(number === plan.at ? [] : [{ key: 'go', label: number > plan.at ? t`Move on to ${step.name}` : t`Go back to ${step.name}` }]),
  ...(number > 1 ? [{ key: 'earlier', label: t`One earlier` }] : []),
  ...(number < plan.steps.length ? [{ key: 'later', label: t`One later` }] : []),
  plan.steps.length > 1
    ? { key: 'remove', label: t`Take the step out; its words stay as they are seen` }
    : { key: 'end', label: t`End the plan: show everything` },
];

/** How many words it has, and what else it does. */
function whatOf({ moves, lays }: Step, words: number): string {
  const what = [
    ...(words > 0 || (moves === 0 && lays === 0) ? [plural(words, { one: '# word', other: '# words' })] : []),
    ...(moves > 0 ? [plural(moves, { one: 'moves #', other: 'moves #' })] : []),
    ...(lays > 0 ? [plural(lays, { one: 'another grid', other: '# other grids' })] : []),
  ];
  return what.join(' · ');
}

function whenOf(step: Step, number: number, at: number): string {
  if (number === at) return step.began ? t`now, since ${dayOf(step.began)}` : t`now`;
  if (number < at) return step.began ? t`since ${dayOf(step.began)}` : t`shown`;
  return step.planned ? t`planned for ${dayOf(step.planned)}` : t`when ready`;
}

/** A step’s name, and the day it is meant to begin. */
function StepForm({ step, onKeep, onClose }: { step?: Step; onKeep: (name: string, planned?: string) => Promise<unknown>; onClose: () => void }) {
  const [name, setName] = useState(step?.name ?? '');
  const [planned, setPlanned] = useState(step?.planned ?? undefined);
  const [busy, setBusy] = useState(false);
  /** What is typed stays until it is kept. */
  const keep = () => {
    if (!name.trim()) return;
    setBusy(true);
    void onKeep(name.trim(), planned).then((done) => (done ? onClose() : setBusy(false)));
  };
  return (
    <Modal
      open
      title={step ? t`Change the step` : t`Add a step`}
      onCancel={onClose}
      okText={step ? t`Keep it` : t`Add it`}
      cancelText={t`Leave it`}
      onOk={keep}
      confirmLoading={busy}
      okButtonProps={{ disabled: !name.trim() }}
      width={460}
    >
      <div className={css.form}>
        <label>
          {t`Its name`}{' '}
          <Input autoFocus value={name} maxLength={60} onChange={(e) => setName(e.target.value)} onPressEnter={keep} placeholder={t`Asking and telling`} />
        </label>
        <label>
          {t`Planned for, if you like; the day only reminds`}
          <input type="date" value={planned ?? ''} onChange={(e) => setPlanned(e.target.value || undefined)} />
        </label>
      </div>
    </Modal>
  );
}
