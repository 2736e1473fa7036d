import { t } from '@lingui/core/macro';
import { useEffect, useRef, useState } from 'react';
import { ButtonPicture } from '../../drawn/art';
import type { Token } from '../../talking';
import css from './talk.module.css';

/** What has been put together: the word that is spoken is lit, and one that is touched is said, and can be taken out. */
export function Message({ message, lit, onSay, onOut }: { message: Token[]; lit?: number; onSay: (token: Token) => void; onOut: (place: number) => void }) {
  const line = useRef<HTMLDivElement>(null);
  const [chosen, setChosen] = useState<Token>();
  useEffect(() => {
    line.current?.scrollTo({ left: line.current.scrollWidth });
  }, [message]);
  return (
    <div className={css.message} ref={line} role="group" aria-label={t`Message`} tabIndex={0}>
      {message.map((token, i) => (
        <span key={i} className={css.place}>
          <button
            type="button"
            data-stop={`word ${i}`}
            data-after
            className={i === lit ? `${css.token} ${css.lit}` : css.token}
            aria-label={token.drawn ? t`a drawing, to take out` : t`${token.text}, to say or take out`}
            onClick={() => {
              setChosen(chosen === token ? undefined : token);
              if (!token.drawn) onSay(token);
            }}
          >
            {token.drawn ? <img src={token.drawn} alt={t`a drawing`} /> : <ButtonPicture layers={token.layers} />}
            <span dir="auto">{token.text}</span>
          </button>
          {chosen === token && (
            <button
              type="button"
              className={css.out}
              data-stop="take it out"
              aria-label={t`take ${token.text || t`the drawing`} out`}
              onClick={() => {
                setChosen(undefined);
                onOut(i);
              }}
            />
          )}
        </span>
      ))}
    </div>
  );
}
