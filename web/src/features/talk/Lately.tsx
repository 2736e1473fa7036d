import { t } from '@lingui/core/macro';
import { ButtonPicture } from '../../drawn/art';
import type { Token } from '../../talking';
import css from './talk.module.css';

/** What was said as a whole lately, while nothing new has been begun: a touch says it again. */
export function Lately({ messages, onSay }: { messages: Token[][]; onSay: (message: Token[]) => void }) {
  if (messages.length === 0) return null;
  return (
    <div className={css.lately} role="group" aria-label={t`Said lately`}>
      {messages.map((message, i) => {
        const text = message.map((token) => token.text).join(' ');
        return (
          <button key={text} type="button" data-stop={`lately ${i}`} data-after aria-label={t`say “${text}” again`} onClick={() => onSay(message)}>
            <span className={css.pictured}>
              {message.slice(0, 3).map((token, i) => (
                <ButtonPicture key={i} layers={token.layers} />
              ))}
            </span>
            <span dir="auto">{text}</span>
          </button>
        );
      })}
    </div>
  );
}
