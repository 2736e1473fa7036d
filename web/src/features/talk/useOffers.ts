import { useEffect, useMemo, useRef, useState } from 'react';
import type { Board, FormsOf, Revealed, VocabularyView } from '../../api/types';
import { offeredWords } from '../../data/offeredWords';
import { wordsOf, type Token } from '../../talking';

const MOST_LATELY = 200;

/** Own words that begin so, where the server cannot be asked. `kept`: what the student does not see is not offered. */
export function ownWordsFor(boards: Board[], kept: Revealed['kept'], typed: string, cells: number): (Token | undefined)[] {
  const begins = typed.toLowerCase();
  const found = new Map<string, Token>();
  for (const button of boards.flatMap((b) => b.buttons)) {
    const text = wordsOf(button);
    if (begins && !kept[button.id] && text.toLowerCase().startsWith(begins) && !found.has(text.toLowerCase()))
      found.set(text.toLowerCase(), { text, layers: button.layers });
  }
  return [...found.values()].slice(0, cells);
}

/** The same list if there is nothing new in it. */
function alsoMet(before: FormsOf[], now: FormsOf[]): FormsOf[] {
  const known = new Set(before.map((f) => f.word));
  const more = now.filter((f) => !known.has(f.word));
  return more.length ? [...before, ...more] : before;
}

/** @param met the forms of words that were offered since the page was opened, but for the student's own */
interface Offers {
  offered: (Token | undefined)[];
  met: FormsOf[];
}

/**
 * The words offered by the cells of a board while one is spelt, by place. What was said since the page was opened counts; it stays on the page, and
 * goes with each question.
 */
export function useOffers(view: VocabularyView, boards: Board[], kept: Revealed['kept'], board: Board, message: Token[]): Offers {
  const cells = useMemo(() => Math.max(0, ...board.buttons.flatMap((b) => b.doings.flatMap((d) => (d.type === 'offer-word' ? [d.place] : [])))), [board]);
  const last = message.at(-1);
  const typed = last?.spelled ? last.text : '';
  const words = message.filter((token) => !token.spelled && token.text).map((token) => token.text);
  // Words that were cleared away were said before.
  const [lately, setLately] = useState<{ earlier: string[]; now: string[] }>({ earlier: [], now: [] });
  if (words.join() !== lately.now.join()) {
    const cleared = words.length === 0 ? [...lately.earlier, ...lately.now].slice(-MOST_LATELY) : lately.earlier;
    setLately({ earlier: cleared, now: words });
  }
  const [shown, setShown] = useState<(Token | undefined)[]>([]);
  const [met, setMet] = useState<FormsOf[]>([]);
  const offered = useRef(shown);
  const key = [...lately.earlier, ...words].slice(-MOST_LATELY).join('\n');
  useEffect(() => {
    if (cells === 0) return undefined;
    const stop = new AbortController();
    const take = (now: (Token | undefined)[]) => {
      offered.current = now;
      setShown(now);
    };
    offeredWords(view.id, { typed, said: key ? key.split('\n') : [], cells, shown: typed ? offered.current.map((o) => o?.text ?? '') : [] }, stop.signal)
      .then((words) => {
        const now: (Token | undefined)[] = Array.from({ length: cells }, () => undefined);
        for (const { place, text, layers } of words) now[place - 1] = { text, layers };
        if (stop.signal.aborted) return;
        take(now);
        setMet((before) =>
          alsoMet(
            before,
            words.flatMap((w) => w.forms ?? []),
          ),
        );
      })
      .catch(() => {
        if (!stop.signal.aborted) take(ownWordsFor(boards, kept, typed, cells));
      });
    return () => stop.abort();
  }, [view.id, boards, kept, cells, typed, key]);
  return { offered: cells === 0 ? [] : shown, met };
}
