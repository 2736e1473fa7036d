import { Trans } from '@lingui/react/macro';
import { t } from '@lingui/core/macro';
import { Alert, Button as PlainButton, Dropdown, Input, Modal } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { answer, client, sentence } from '../../api/client';
import type { Intention, ProposedStep, VocabularyView } from '../../api/types';
import { Pic } from '../../drawn/art';
import { paperOf } from '../../drawn/looks';
import { targetsOf } from './targets';
import css from './reveal.module.css';
import parts from '../../shell/parts.module.css';

const BEGIN = t`8 words, then 20, then 50, then all`;
const SHOWN = 60;

/** A plan proposed for a student: each word says why it is there, and can go to another step. */
export function ProposePlan({ view, onEdit, onClose }: { view: VocabularyView; onEdit: (edit: Intention) => Promise<unknown>; onClose: () => void }) {
  const [text, setText] = useState(BEGIN);
  /** Words that were put elsewhere by hand: the number of a step, from 0; -1 for none. */
  const [put, setPut] = useState<Record<string, number>>({});
  const targets = targetsOf(text);
  const { data, error } = useQuery({
    queryKey: ['proposed plan', view.id, view.version, targets?.join()],
    queryFn: () =>
      answer(client.GET('/api/vocabularies/{vocabulary}/proposed-plan', { params: { path: { vocabulary: view.id }, query: { targets: targets! } } })),
    enabled: targets !== undefined,
    staleTime: Infinity,
    retry: false,
  });
  const steps = data ? arranged(data, put) : [];
  const whom = view.student?.name ?? t`the student`;
  return (
    <Modal
      open
      title={t`A plan proposed for ${view.student?.name ?? view.name}`}
      onCancel={onClose}
      okText={t`Begin with these ${steps[0]?.words.length ?? ''} words`}
      cancelText={t`Leave it`}
      okButtonProps={{ disabled: steps.length === 0 }}
      width={860}
      onOk={() =>
        void onEdit({ type: 'lay-plan', steps: steps.map((s) => ({ name: s.name, buttons: s.words.flatMap((w) => w.buttons) })) }).then((done) => {
          if (done) onClose();
        })
      }
    >
      <div className={`${css.form} ${css.tall}`}>
        <label>
          {t`How many words at each step`} <Input value={text} onChange={(e) => setText(e.target.value)} />
        </label>
        {!targets && <p role="alert">{t`Type how many words each step shows, growing, as in “${BEGIN}”.`}</p>}
        {error && <Alert type="warning" showIcon title={sentence(error)} />}
        <p className={parts.quiet}>
          <Trans>
            First what moves {whom}: people, own photos, interests. Then core words, then what combines most with those shown. Each word says why; click it to
            put it elsewhere. No word changes its place.
          </Trans>
        </p>
        {steps.map((step, i) => (
          <section key={step.name} aria-label={step.name}>
            <h3>
              <span className={css.number} style={{ background: paperOf(i + 1) }}>
                {i + 1}
              </span>{' '}
              {step.name} <span className={parts.quiet}>{i > 0 && t`${step.words.length} more`}</span>
            </h3>
            <ul className={css.words}>
              {step.words.slice(0, SHOWN).map((w) => (
                <li key={w.text}>
                  <Dropdown
                    trigger={['click']}
                    menu={{
                      items: [
                        ...steps.map((s, n) => ({ key: String(n), label: t`to ${n + 1}. ${s.name}`, disabled: n === i })),
                        { key: '-1', label: t`leave it out: it waits` },
                      ],
                      onClick: ({ key }) => setPut({ ...put, [w.text]: Number(key) }),
                    }}
                  >
                    <button type="button" title={`“${w.text}” ${w.why}`}>
                      {w.picture && <Pic id={w.picture} collected />}
                      <strong dir="auto">{w.text}</strong>
                      {i === 0 && <small>{w.why}</small>}
                    </button>
                  </Dropdown>
                </li>
              ))}
              {step.words.length > SHOWN && <li className={parts.quiet}>{t`and ${step.words.length - SHOWN} more`}</li>}
            </ul>
          </section>
        ))}
        {Object.keys(put).length > 0 && <PlainButton size="small" onClick={() => setPut({})}>{t`As it was proposed`}</PlainButton>}
      </div>
    </Modal>
  );
}

/** The steps with words where a person put them. */
function arranged(proposed: ProposedStep[], put: Record<string, number>): ProposedStep[] {
  return proposed.map((step, i) => ({
    ...step,
    words: [...step.words.filter((w) => (put[w.text] ?? i) === i), ...proposed.flatMap((s, n) => (n === i ? [] : s.words.filter((w) => put[w.text] === i)))],
  }));
}
