import { t } from '@lingui/core/macro';
import { useCallback } from 'react';
import { Link } from 'react-router';
import type { ShownList } from '../../api/types';
import { Pic } from '../../drawn/art';
import { Held } from '../../shell/Held';
import { ReadText } from './ReadText';
import { usePages } from './usePages';
import { useReading } from './useReading';
import css from './showing.module.css';

/** A text of so many letters is as large as was chosen; a longer one is smaller, so that it takes about the same room. */
const LETTERS = 140;

const fitOf = (text: string) => Math.min(1, Math.sqrt(LETTERS / Math.max(1, text.length)));

/** A book: a page at a time, read aloud when its text is touched, with remarks that stand in the same cells on every page. */
export function BookView({ shown, onLeave }: { shown: ShownList; onLeave: () => void }) {
  const { lit, notice, read, stop } = useReading(shown);
  const { words, showing, name } = shown;
  const { face, size, paper, remarks } = showing.book;
  const turned = useCallback(() => stop(), [stop]);
  const { at, go } = usePages(words.length, { onTurn: turned, onLeave });
  if (words.length === 0) return <NoPage shown={shown} onLeave={onLeave} />;
  const page = words[at];
  const style = { '--size': size / 1000, '--paper': paper ?? 'white', '--fit': fitOf(page.text) } as React.CSSProperties;
  return (
    <div className={face === 'PLAIN' ? `${css.book} ${css.plain}` : css.book} style={style}>
      <div className={css.bar}>
        <strong>{name}</strong>
        <span role="status">{notice || t`page ${at + 1} of ${words.length}`}</span>
        <Held className={css.leave} label={t`Leave the book: hold, or press Escape`} title={t`Hold to leave`} leaves onHeld={onLeave}>{t`hold to leave`}</Held>
      </div>
      <div className={css.spread}>
        <button type="button" className={css.turn} disabled={at === 0} onClick={() => go(at - 1)} aria-label={t`the page before`}>
          ‹
        </button>
        <div className={css.paper} role="group" aria-label={t`page ${at + 1}`}>
          {page.pictures.length > 0 && (
            <button type="button" className={css.pictures} onClick={() => void read(page.text)} aria-label={page.text || t`the picture`}>
              {page.pictures.map((p) => (
                <Pic key={p} id={p} />
              ))}
            </button>
          )}
          {page.text && (
            <button type="button" className={css.text} onClick={() => void read(page.text)} title={t`Touch to read it aloud`}>
              <ReadText text={page.text} lit={lit} />
            </button>
          )}
        </div>
        <button type="button" className={css.turn} disabled={at === words.length - 1} onClick={() => go(at + 1)} aria-label={t`turn the page`}>
          ›
        </button>
      </div>
      {remarks.length > 0 && (
        <div className={css.remarks} role="group" aria-label={t`Remarks`}>
          {remarks.map((remark) => (
            <button key={remark.text} type="button" onClick={() => void read(remark.text)}>
              {remark.picture && <Pic id={remark.picture} />}
              <span>{remark.text}</span>
            </button>
          ))}
        </div>
      )}
      <Ahead pictures={words[at + 1]?.pictures ?? []} />
    </div>
  );
}

/** The pictures of the next page, fetched before it is turned. */
function Ahead({ pictures }: { pictures: string[] }) {
  return (
    <div className={css.ahead} aria-hidden="true">
      {pictures.map((p) => (
        <Pic key={p} id={p} />
      ))}
    </div>
  );
}

/** Nothing to show yet, and the way on. */
export function NoPage({ shown, onLeave }: { shown: ShownList; onLeave: () => void }) {
  return (
    <div className={css.nothing}>
      <h2>{t`There is nothing in “${shown.name}” yet`}</h2>
      {shown.may.includes('CHANGE') && <p>{<Link to={`/lists/${shown.id}/pages`}>{t`Put in photos or words`}</Link>}</p>}
      <p>
        <button type="button" className={css.leaveNow} onClick={onLeave}>
          {t`leave`}
        </button>
      </p>
    </div>
  );
}
