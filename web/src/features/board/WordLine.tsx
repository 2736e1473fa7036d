import { useQuery, useQueryClient } from '@tanstack/react-query';
import { forwardRef, type KeyboardEvent } from 'react';
import type { Cell } from '../../api/types';
import { Pic } from '../picture/art';
import { found } from '../picture/pictures';
import { spoken } from './grid';
import { isList, onOneLine } from './list';
import bench from './bench.module.css';
import parts from '../../shell/parts.module.css';

interface Props {
  text: string;
  next?: Cell;
  boardName: string;
  student?: string;
  language: string;
  picture?: string;
  onText: (text: string) => void;
  onPicture: (picture: string) => void;
  onPut: (text: string, picture?: string) => void;
  onLeave: (event?: KeyboardEvent) => void;
}

/** As many as there are keys 1 to 9; those that do not fit are reached by widening the window, or by their key. */
const OFFERED = 9;

/** The line below the board where typing makes buttons. */
export const WordLine = forwardRef<HTMLInputElement, Props>(function WordLine(
  { text, next, boardName, student, language, picture, onText, onPicture, onPut, onLeave }, input) {
  const queries = useQueryClient();
  const asked = found({ query: text, most: OFFERED, student, language });
  const { data, isPlaceholderData } = useQuery(asked);
  const offered = text.trim() && !isList(text) ? (data?.pictures ?? []) : [];
  const chosen = picture ?? offered.find((p) => p.sure)?.id;
  const why = offered.find((p) => p.id === chosen)?.why;

  function keys(event: KeyboardEvent<HTMLInputElement>) {
    const digit = Number(event.key);
    if (event.key === 'Enter') {
      event.preventDefault();
      onPut(text, picture);
    } else if (event.key === 'Escape') {
      onText('');
      onLeave();
    } else if (digit >= 1 && digit <= offered.length && /\p{L}$/u.test(text) && event.currentTarget.selectionStart === text.length) {
      event.preventDefault();
      void pick(digit);
    } else if (text === '' && (event.key.startsWith('Arrow') || event.key === 'Tab')) {
      onLeave(event);
    }
  }

  /** By number, of what answers to the word as it now stands: while that is still looked for, what is shown is of fewer letters. */
  async function pick(number: number) {
    const pictures = isPlaceholderData ? (await queries.fetchQuery(asked)).pictures : offered;
    const picked = pictures.at(number - 1);
    if (picked) onPicture(picked.id);
  }

  function paste(event: React.ClipboardEvent) {
    const pasted = event.clipboardData.getData('text/plain');
    if (isList(pasted)) {
      event.preventDefault();
      onText(onOneLine(text + pasted));
    }
  }

  return (
    <div className={bench.wordLine}>
      <label htmlFor="word-line" className={bench.whereNext}>
        {next ? <>{spoken(next)}<br />comes next</> : <>{boardName}<br />is full</>}
      </label>
      <input id="word-line" ref={input} value={text} onChange={(e) => onText(e.target.value)} onKeyDown={keys} onPaste={paste}
        placeholder={next ? 'Type a word' : 'Take a button off to make room'} autoComplete="off" spellCheck={false} dir="auto" maxLength={20_000} />
      <span className={bench.offered} role="group" aria-label="Pictures for it" aria-busy={isPlaceholderData}>
        {offered.map((p, i) => (
          <button key={p.id} type="button" className={p.id === chosen ? `${bench.offer} ${bench.chosen}` : bench.offer} aria-pressed={p.id === chosen} title={`${p.name}: ${p.why}`}
            aria-label={`${i + 1}: ${p.name}`} onClick={() => onPicture(p.id)}>
            <Pic id={p.id} collected /> {i + 1}
          </button>
        ))}
      </span>
      <span className={`${parts.quiet} ${bench.hint}`}>
        {text.trim() === '' ? '' : !next ? 'No cell is empty; take a button off first' : isList(text) ? 'Enter puts them all there' : offered.length > 0 && !chosen ? 'No picture says just this; pick one, or Enter puts the word alone' : why && why !== 'this word' && !picture ? `${why}; Enter puts it there` : 'Enter puts it there'}
      </span>
    </div>
  );
});
