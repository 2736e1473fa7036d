import { plural, t } from '@lingui/core/macro';
import { Button, Checkbox, InputNumber } from 'antd';
import { useState } from 'react';
import type { Ahead, GrowingWord, Growth, VocabularyView } from '../../api/types';
import { aheadOf, inAWeek, inSteps, WhenSteps } from '../reveal';
import { asWord, keyOf, mostSaidFirst } from './growing';
import css from './grow.module.css';

/** So many words at a step, to begin with. */
const USUAL = 2;
const MOST = 12;

/** Which of what is proposed is in the plan: all, but those left out; and which are said no more by their first tap. */
export function useGrowPlan(proposed: Growth[]) {
  const [out, setOut] = useState<string[]>([]);
  const [quiet, setQuiet] = useState<string[]>([]);
  const turn = (all: string[], key: string) => (all.includes(key) ? all.filter((k) => k !== key) : [...all, key]);
  return {
    words: mostSaidFirst(proposed.filter((one) => !out.includes(keyOf(one)))),
    isIn: (one: Growth) => !out.includes(keyOf(one)),
    says: (one: Growth) => !quiet.includes(keyOf(one)),
    turnIn: (one: Growth) => setOut(turn(out, keyOf(one))),
    turnSays: (one: Growth) => setQuiet(turn(quiet, keyOf(one))),
  };
}

type Plan = ReturnType<typeof useGrowPlan>;

/** Whether one of them is in the plan, and how. */
export function InPlan({ one, plan }: { one: Growth; plan: Plan }) {
  return (
    <p className={css.inPlan}>
      <Checkbox checked={plan.isIn(one)} onChange={() => plan.turnIn(one)}>{t`“${one.word.label}” is in the plan`}</Checkbox>
      <Checkbox checked={plan.says(one)} disabled={!plan.isIn(one)} onChange={() => plan.turnSays(one)}>{t`the first tap still says it`}</Checkbox>
    </p>
  );
}

/** How many grow at a step and when, and laying it as steps of the plan. */
export function GrowPlan({ view, plan, onPlan }: { view: VocabularyView; plan: Plan; onPlan: (steps: GrowingWord[][], ahead: Ahead) => Promise<unknown> }) {
  const [each, setEach] = useState(USUAL);
  const [when, setWhen] = useState(() => inAWeek(new Date()));
  const [busy, setBusy] = useState(false);
  const steps = inSteps(plan.words, each);
  async function lay() {
    setBusy(true);
    await onPlan(
      steps.map((words) => words.map((one) => asWord(one, plan.says(one)))),
      aheadOf(when, t`Words grow`),
    );
    setBusy(false);
  }
  return (
    <section aria-label={t`The plan`} className={css.plan}>
      <p>
        <label>
          {t`At each step grow`} <InputNumber min={1} max={MOST} value={each} onChange={(n) => setEach(n ?? USUAL)} />{' '}
          {plural(each, { one: 'word', other: 'words' })}
        </label>
      </p>
      <WhenSteps when={when} onChange={setWhen} />
      <ol>
        {steps.map((words, i) => (
          <li key={i}>{words.map((one) => (one.times > 0 ? t`${one.word.label} (said ${one.times} times)` : one.word.label)).join(', ')}</li>
        ))}
      </ol>
      <p>
        {view.plan.steps.length > 0
          ? t`These become the next steps of the plan there is. Until its step each word is said by one tap, as now.`
          : t`All words of today are the first step of a plan, and these the next ones. Until its step each word is said by one tap, as now.`}{' '}
        {t`Each step can be tried in talk before the student is moved on to it, and taken back by itself.`}
      </p>
      <Button type="primary" disabled={busy || steps.length === 0} loading={busy} onClick={() => void lay()}>
        {plural(steps.length, { one: 'Plan one step', other: 'Plan # steps' })}
      </Button>
    </section>
  );
}
