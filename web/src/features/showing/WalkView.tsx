import { t } from '@lingui/core/macro';
import { useCallback, useEffect, useRef } from 'react';
import type { ShownList } from '../../api/types';
import { Pic } from '../../drawn/art';
import { Held } from '../../shell/Held';
import { NoPage } from './BookView';
import { ReadText } from './ReadText';
import { usePages } from './usePages';
import { useReading } from './useReading';
import css from './showing.module.css';

/** A walk: one picture after the other, each said when it is touched, and, if it is set so, the next by itself. */
export function WalkView({ shown, onLeave }: { shown: ShownList; onLeave: () => void }) {
  const { lit, notice, read, stop } = useReading(shown);
  const { words, showing, name } = shown;
  const strip = useRef<HTMLDivElement>(null);
  const turned = useCallback(() => stop(), [stop]);
  const { at, go } = usePages(words.length, { onTurn: turned, onLeave });
  useEffect(() => {
    strip.current?.children[at]?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }, [at]);
  if (words.length === 0) return <NoPage shown={shown} onLeave={onLeave} />;
  const here = words[at];

  async function say(place: number) {
    for (let i = place; i < words.length; i++) {
      if (i !== place) go(i);
      const whole = await read(words[i].text);
      if (!whole || !showing.walk.itself) return;
    }
  }
  return (
    <div className={css.walk}>
      <div className={css.bar}>
        <strong>{name}</strong>
        <span role="status">{notice || t`${at + 1} of ${words.length}`}</span>
        <Held className={css.leave} label={t`Leave the walk: hold, or press Escape`} title={t`Hold to leave`} leaves onHeld={onLeave}>{t`hold to leave`}</Held>
      </div>
      <div className={css.spread}>
        <button type="button" className={css.turn} disabled={at === 0} onClick={() => go(at - 1)} aria-label={t`the one before`}>
          ‹
        </button>
        <button type="button" className={css.stop} onClick={() => void say(at)} aria-label={here.text || t`the picture`}>
          <span className={css.pictures}>
            {here.pictures.map((p) => (
              <Pic key={p} id={p} />
            ))}
          </span>
          <span className={css.caption}>
            <ReadText text={here.text} lit={lit} />
          </span>
        </button>
        <button type="button" className={css.turn} disabled={at === words.length - 1} onClick={() => go(at + 1)} aria-label={t`the next`}>
          ›
        </button>
      </div>
      <div className={css.strip} ref={strip} role="group" aria-label={t`The whole walk`}>
        {words.map((word, i) => (
          <button
            key={word.id}
            type="button"
            aria-current={i === at ? 'step' : undefined}
            aria-label={word.text || t`picture ${i + 1}`}
            onClick={() => {
              go(i);
              void say(i);
            }}
          >
            {word.pictures[0] ? <Pic id={word.pictures[0]} /> : <span>{word.text}</span>}
          </button>
        ))}
      </div>
    </div>
  );
}
