import { t } from '@lingui/core/macro';
import { sentence } from '../../api/client';
import css from './showing.module.css';

/** In place of what cannot be shown, with the way back. */
export function NotShown({ why, onLeave }: { why: unknown; onLeave: () => void }) {
  return (
    <div className={css.whole}>
      <div className={css.nothing}>
        <p role="alert">{sentence(why)}</p>
        <button type="button" className={css.leaveNow} onClick={onLeave}>
          {t`leave`}
        </button>
      </div>
    </div>
  );
}
