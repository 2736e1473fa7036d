import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { forwardRef, type KeyboardEvent, type ReactNode } from 'react';
import type { Cell } from '../../api/types';
import { Pic } from '../../drawn/art';
import { factNotes } from '../../data/facts';
import { found } from '../../data/pictures';
import { spoken } from '../../data/cells';
import { advice } from '../../data/boards';
import { countHere, isList, MOST_AT_ONCE, onOneLine, opensBoards } from '../../data/typed';
import { useAdvice, WordAdvice, type Elsewhere } from './WordAdvice';
import { wayByKey, waysOn, type WayOn } from './ways';
import bench from '../../shell/bench.module.css';

interface Props {
  vocabulary: number;
  version: number;
  board: string;
  text: string;
  next?: Cell;
  /** Empty cells for words here. */
  free: number;
  /** True if the next cell is one that is kept free. */
  kept: boolean;
  went?: Elsewhere;
  boardName: string;
  language: string;
  picture?: string;
  onText: (text: string) => void;
  onPicture: (picture: string) => void;
  onPut: (text: string, picture?: string) => void;
  /** Puts the words where there is room, as the board shown has none. */
  onWay: (way: WayOn) => void;
  /** Puts the words here and on new boards after this one. */
  onFill: (text: string) => void;
  onGo: (board: string) => void;
  /** Puts the word, and opens the pictures for its button. */
  onSeek: (text: string) => void;
  onLeave: (event?: KeyboardEvent) => void;
  /** Says whether words are shown from now, where a plan is on. */
  newWords?: ReactNode;
}

/** As many as there are keys 1 to 9; those that do not fit are reached by widening the window, or by their key. */
const OFFERED = 9;

/** The line below the board where typing makes buttons. */
export const WordLine = forwardRef<HTMLInputElement, Props>(function WordLine(
  {
    vocabulary,
    version,
    board,
    text,
    next,
    free,
    kept,
    went,
    boardName,
    language,
    picture,
    onText,
    onPicture,
    onPut,
    onWay,
    onFill,
    onGo,
    onSeek,
    onLeave,
    newWords,
  },
  input,
) {
  const queries = useQueryClient();
  const asked = found({ query: text, most: OFFERED, language }, { vocabulary, version, board });
  const { data, isPlaceholderData } = useQuery(asked);
  const offered = text.trim() && !isList(text) ? (data?.pictures ?? []) : [];
  const chosen = picture ?? offered.find((p) => p.sure)?.id;
  const why = offered.find((p) => p.id === chosen)?.why;
  const word = onOneLine(text).split(/[,⏎>]/)[0].trim();
  const count = countHere(text);
  const advised = useAdvice(vocabulary, version, board, word.slice(0, 100), count, went?.board);
  const { data: notes = [] } = useQuery(factNotes(vocabulary, word.slice(0, 100)));
  const full = count > (count === 1 && next ? Math.max(1, free) : free);

  /** Enter: here, or where there is room. What is still asked is waited for, so that a fast hand is not told off. */
  async function put(held: KeyboardEvent) {
    const { ctrlKey, metaKey, altKey, shiftKey } = held;
    if (count > MOST_AT_ONCE && free > 1 && !opensBoards(text)) {
      onFill(text);
      return;
    }
    if (!full || !word) {
      onPut(text, picture);
      return;
    }
    const known = await queries.fetchQuery(advice(vocabulary, version, board, word.slice(0, 100), count, went?.board)).catch(() => undefined);
    const way = known && (count > MOST_AT_ONCE ? waysOn(known).find((w) => w.way === 'new board') : wayByKey(known, { ctrlKey, metaKey, altKey, shiftKey }));
    if (way) onWay(way);
    else if (!known || count > MOST_AT_ONCE) onPut(text, picture);
  }

  function keys(event: KeyboardEvent<HTMLInputElement>) {
    const digit = Number(event.key);
    if (event.key === 'Enter') {
      event.preventDefault();
      void put(event);
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

  const hint =
    text.trim() === ''
      ? t`A word makes a button. Several go in with commas between; a word with > behind it opens a new board.`
      : opensBoards(text)
        ? t`Enter makes the board, with its way home, and the button that opens it.`
        : next && kept
          ? t`This cell is kept free, as other boards have home or back here. Enter puts the word here all the same.`
          : isList(text)
            ? t`Enter puts them all there.`
            : offered.length === 0 && data && !isPlaceholderData
              ? t`No picture is known for it. Enter puts the word alone, in large letters; or give it`
              : offered.length > 0 && !chosen
                ? t`No picture says just this: pick one by its number; Enter puts the word alone in large letters; or give it`
                : why && why !== 'this word' && !picture
                  ? t`The picture is ${why}. Enter puts it there.`
                  : t`Enter puts it there.`;
  return (
    <div>
      <div className={bench.wordLine}>
        <label htmlFor="word-line" className={bench.whereNext}>
          {next && !kept ? (
            <>
              <Trans>
                {spoken(next)}
                <br />
                comes next
              </Trans>
            </>
          ) : next ? (
            <>
              <Trans>
                {spoken(next)}
                <br />
                is kept free
              </Trans>
            </>
          ) : (
            <>
              <Trans>
                {boardName}
                <br />
                is full
              </Trans>
            </>
          )}
        </label>
        <input
          id="word-line"
          ref={input}
          value={text}
          onChange={(e) => onText(e.target.value)}
          onKeyDown={keys}
          onPaste={paste}
          placeholder={next ? t`Type a word` : t`Type a word, to put where there is room`}
          autoComplete="off"
          spellCheck={false}
          dir="auto"
          maxLength={120_000}
        />
        <span className={bench.offered} role="group" aria-label={t`Pictures for it`} aria-busy={isPlaceholderData}>
          {offered.map((p, i) => (
            <button
              key={p.id}
              type="button"
              className={p.id === chosen ? `${bench.offer} ${bench.chosen}` : bench.offer}
              aria-pressed={p.id === chosen}
              title={`${p.name}: ${p.why}`}
              aria-label={`${i + 1}: ${p.name}`}
              onClick={() => onPicture(p.id)}
            >
              <Pic id={p.id} collected /> {i + 1}
            </button>
          ))}
        </span>
      </div>
      {newWords}
      {word &&
        notes.map((note) => (
          <p key={note} className={bench.factNote} role="status">
            {note}
          </p>
        ))}
      <div className={free === 0 ? bench.waysRoom : undefined}>
        <WordAdvice
          word={word}
          full={full}
          many={count > 1}
          advice={advised}
          board={board}
          hint={hint}
          went={went}
          onGo={onGo}
          onWay={onWay}
          onSeek={word && !full && !isList(text) && data && !isPlaceholderData && !chosen ? () => onSeek(text) : undefined}
          onFill={isList(text) && !opensBoards(text) && free > 1 ? () => onFill(text) : undefined}
          onLeaveIt={() => onText('')}
        />
      </div>
    </div>
  );
});
