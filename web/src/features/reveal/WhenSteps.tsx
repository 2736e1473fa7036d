import { plural, t } from '@lingui/core/macro';
import { InputNumber } from 'antd';
import { MOST_WEEKS, type When } from './ahead';
import css from './reveal.module.css';

/** When steps that come next are meant to begin. */
export function WhenSteps({ when, onChange }: { when: When; onChange: (when: When) => void }) {
  return (
    <p className={css.when}>
      <label>
        {t`The first planned for`} <input type="date" value={when.first ?? ''} onChange={(e) => onChange({ ...when, first: e.target.value || undefined })} />
      </label>
      <label>
        {t`then one every`} <InputNumber min={1} max={MOST_WEEKS} value={when.weeks} onChange={(weeks) => onChange({ ...when, weeks: weeks ?? 1 })} />{' '}
        {plural(when.weeks, { one: 'week', other: 'weeks' })}
      </label>
    </p>
  );
}
