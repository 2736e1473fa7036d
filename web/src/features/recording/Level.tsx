import { t } from '@lingui/core/macro';
import { shown } from './listening';
import type { Microphoning } from './useListening';
import css from './recording.module.css';
import parts from '../../shell/parts.module.css';

/** How loud it is just now, and what is waited for. */
export function Level({ state, onAgain }: { state: Microphoning; onAgain: () => void }) {
  if (state.what === 'failed')
    return (
      <p>
        <span role="alert">{state.sentence}</span> <button type="button" className={parts.dotted} onClick={onAgain}>{t`try the microphone again`}</button>
      </p>
    );
  const open = state.what === 'open';
  const speaks = open && state.listening.began !== undefined;
  const told = !open
    ? t`Waiting for the microphone. The browser may ask whether it may be used.`
    : speaks
      ? t`Heard. When it is silent, it goes on by itself.`
      : state.nothingHeard
        ? t`Nothing is heard. Is the right microphone on? Go nearer, and speak.`
        : t`Speak now.`;
  return (
    <>
      <div className={css.bar} aria-hidden>
        <div className={speaks ? `${css.level} ${css.speaks}` : css.level} style={{ width: `${open ? shown(state.listening.now) * 100 : 0}%` }} />
      </div>
      <p role="status">{told}</p>
    </>
  );
}
