import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { useState } from 'react';
import type { VocabularyView } from '../../api/types';
import { DottedChoice } from '../../shell/Dotted';
import { newWordsStep, numberOf, rememberNewWords } from '../../data/plan';
import bench from '../../shell/bench.module.css';
import { Glued } from '../../shell/Glued';

/** While a plan is on: whether new words are shown from now or wait, with the choice, remembered for the next. */
export function NewWords({ view }: { view: VocabularyView }) {
  const [, again] = useState(0);
  const { plan } = view;
  if (plan.steps.length === 0) return null;
  const step = newWordsStep(view);
  return (
    <p className={bench.newWords}>
      <Trans>
        A new word{' '}
        <Glued after=".">
          <DottedChoice
            label={t`When new words are shown`}
            items={[
              { key: '', label: t`is shown from now` },
              ...plan.steps.slice(plan.at).map((s, i) => ({ key: s.id, label: t`waits for step ${plan.at + i + 1}, ${s.name}` })),
            ]}
            onChoose={(key) => {
              rememberNewWords(view, key || undefined);
              again((n) => n + 1);
            }}
          >
            {step ? t`waits for step ${numberOf(plan, step.id)}, ${step.name}` : t`is shown from now`}
          </DottedChoice>
        </Glued>
      </Trans>
    </p>
  );
}
