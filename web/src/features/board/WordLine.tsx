import { useQuery } from '@tanstack/react-query';
import { forwardRef, type KeyboardEvent } from 'react';
import type { Cell } from '../../api/types';
import { found, pictureAddress } from '../picture/pictures';
import { spoken } from './grid';

interface Props {
  text: string;
  next?: Cell;
  boardName: string;
  vocabulary: number;
  picture?: string;
  onText: (text: string) => void;
  onPicture: (picture: string) => void;
  onPut: (text: string, picture?: string) => void;
  onLeave: (event?: KeyboardEvent) => void;
}

const OFFERED = 4;
const isList = (text: string) => /[,;\n\t]/.test(text.trim());

/** The line below the board where typing makes buttons. */
export const WordLine = forwardRef<HTMLInputElement, Props>(function WordLine(
  { text, next, boardName, vocabulary, picture, onText, onPicture, onPut, onLeave }, input) {
  const { data } = useQuery({ ...found(text, OFFERED), placeholderData: (before) => (text.trim() ? before : undefined) });
  const offered = text.trim() && !isList(text) ? (data?.pictures ?? []) : [];
  const chosen = picture ?? offered.find((p) => p.own)?.id;

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
      onPicture(offered[digit - 1].id);
    } else if (text === '' && (event.key.startsWith('Arrow') || event.key === 'Tab')) {
      onLeave(event);
    }
  }

  function paste(event: React.ClipboardEvent) {
    const pasted = event.clipboardData.getData('text/plain');
    if (isList(pasted)) {
      event.preventDefault();
      onText((text + pasted).replace(/\s*[\r\n\t;]+\s*/g, ', ').replace(/^, |, $/g, ''));
    }
  }

  return (
    <div className="word-line">
      <label htmlFor="word-line" className="where-next">
        {next ? <>{spoken(next)}<br />comes next</> : <>{boardName}<br />is full</>}
      </label>
      <input id="word-line" ref={input} value={text} onChange={(e) => onText(e.target.value)} onKeyDown={keys} onPaste={paste}
        placeholder={next ? 'Type a word' : 'Take a button off to make room'} autoComplete="off" spellCheck={false} dir="auto" maxLength={20_000} />
      <span className="offered" role="group" aria-label="Pictures for it">
        {offered.map((p, i) => (
          <button key={p.id} type="button" className={p.id === chosen ? 'offer chosen' : 'offer'} aria-pressed={p.id === chosen} title={`${p.name}: ${p.why}`}
            aria-label={`${i + 1}: ${p.name}`} onClick={() => onPicture(p.id)}>
            <img src={pictureAddress(p.id, vocabulary)} alt="" /> {i + 1}
          </button>
        ))}
      </span>
      <span className="quiet hint">
        {text.trim() === '' ? '' : isList(text) ? 'Enter puts them all there' : offered.length > 0 && !chosen ? 'No picture is called so; pick one, or Enter puts the word alone' : 'Enter puts it there'}
      </span>
    </div>
  );
});
