import { plural, t } from '@lingui/core/macro';
import { Checkbox } from 'antd';
import type { RegridSeen } from '../../api/types';
import { going, type Choice } from './choice';
import css from './regrid.module.css';

const NAMED = 8;

/** Where not all fits: what goes to boards of its own. */
export function Topics({ seen, choice, onChoose }: { seen: RegridSeen; choice: Choice; onChoose: (choice: Choice) => void }) {
  const { topics, going: goes } = seen.shown;
  if (goes.length === 0) return null;
  const rest = goes.find((g) => !g.name);
  return (
    <fieldset className={css.rows}>
      <legend>{t`Not all fits. These words go to a board of their own, opened from where they were:`}</legend>
      {topics.map((topic) => (
        <Checkbox
          key={topic.name}
          checked={goes.some((g) => g.name === topic.name)}
          onChange={() => topic.name && onChoose(going(choice, seen.shown, topic.name))}
        >
          <strong>{topic.name}</strong> {named(topic.words)}
        </Checkbox>
      ))}
      {rest && (
        <p>
          {plural(rest.words.length, { one: '# of no topic, that which weighs least:', other: '# of no topic, those which weigh least:' })} {named(rest.words)}
        </p>
      )}
    </fieldset>
  );
}

const named = (words: string[]) => words.slice(0, NAMED).join(', ') + (words.length > NAMED ? ' …' : '');
