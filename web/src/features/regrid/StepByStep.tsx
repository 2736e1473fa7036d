import { plural, t } from '@lingui/core/macro';
import { Checkbox, InputNumber } from 'antd';
import { useState } from 'react';
import type { RegridSeen, VocabularyView } from '../../api/types';
import { aheadOf, inAWeek, WhenSteps, type When } from '../reveal';
import type { Choice } from './choice';
import css from './regrid.module.css';

const FEWEST = 2;
const MOST = 200;
/** So many words at a step, to begin with. */
const USUAL = 4;

interface Props {
  view: VocabularyView;
  seen: RegridSeen;
  choice: Choice;
  onChoose: (choice: Choice) => void;
}

/** All at once; or few words at a time, as steps of the plan. */
export function StepByStep({ view, seen, choice, onChoose }: Props) {
  const [when, setWhen] = useState<When>(() => inAWeek(new Date()));
  const asked = choice.steps;
  const steps = (most: number, at: When) => onChoose({ ...choice, steps: { most, ahead: aheadOf(at, t`Another grid`) } });
  return (
    <section className={css.steps} aria-label={t`Step by step`}>
      <Checkbox
        checked={!!asked}
        onChange={(e) => (e.target.checked ? steps(USUAL, when) : onChoose({ ...choice, steps: undefined }))}
      >{t`step by step, few words at a time, as a plan over weeks`}</Checkbox>
      {asked && (
        <>
          <p>
            <label>
              {t`At most`} <InputNumber min={FEWEST} max={MOST} value={asked.most} onChange={(most) => steps(most ?? USUAL, when)} /> {t`words move at a step`}
            </label>
          </p>
          <WhenSteps
            when={when}
            onChange={(at) => {
              setWhen(at);
              steps(asked.most, at);
            }}
          />
          <ol>
            {seen.steps?.map((step, i) => (
              <li key={i}>{whatOf(step)}</li>
            ))}
          </ol>
          <p>
            {view.plan.steps.length > 0
              ? t`Nothing moves now: these become the next steps of the plan there is.`
              : t`Nothing moves now: all words of today are the first step of a plan, and these the next ones.`}{' '}
            {t`Each step can be tried in talk before the student is moved on to it, and taken back by itself.`}
          </p>
        </>
      )}
    </section>
  );
}

const SHOWN = 8;

function whatOf({ words, boards }: NonNullable<RegridSeen['steps']>[number]): string {
  const named = words.slice(0, SHOWN).join(', ') + (words.length > SHOWN ? ', …' : '');
  const grids = plural(boards, { one: 'one board is laid on another grid', other: '# boards are laid on another grid' });
  if (words.length === 0) return t`${grids}, and a finger finds every word`;
  const moved = `${plural(words.length, { one: '# word moves', other: '# words move' })}: ${named}`;
  return boards > 0 ? `${moved}; ${grids}` : moved;
}
