import { queryOptions, useQuery } from '@tanstack/react-query';
import { createContext, useEffect, useMemo, useState } from 'react';
import { answer, client } from '../api/client';
import type { Board, Button, DaySaid, DayWord, DayWordsView } from '../api/types';
import { palette } from '../theme';

/** Day words as they are now, by what they are. One that is missing cannot be said: its button is shown as it is called. */
export type DayWordsNow = Partial<Record<DayWord, DaySaid>>;

/** As they are now, for whatever draws a button. */
export const DayWords = createContext<DayWordsNow | undefined>(undefined);

const AGAIN_MS = 15 * 60_000;

/** Told for some days at once, so that midnight needs no network. */
export const dayWords = (vocabulary: number) =>
  queryOptions({
    queryKey: ['day words', vocabulary],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/day-words', { params: { path: { vocabulary } } })),
    staleTime: AGAIN_MS,
    refetchInterval: AGAIN_MS,
  });

export const saysDay = (button: Button) => button.says.type === 'of-day';

/** What holds at a moment; what was told last, if that is further on. */
export function wordsAt(told: DayWordsView, now: Date): DayWordsNow {
  const period = told.periods.find((p) => now < new Date(p.until)) ?? told.periods.at(-1);
  const time = new Intl.DateTimeFormat(told.writtenAs, { hour: 'numeric', minute: '2-digit', timeZone: told.zone })
    .formatToParts(now)
    .map((p) => p.value)
    .join('')
    .replace(/[\u00a0\u202f]/g, ' ');
  return { ...period?.words, TIME: { label: time, spoken: time, marked: false } };
}

/** Milliseconds until something is said otherwise: at the end of what holds, or of the minute. */
export function untilNext(told: DayWordsView, now: Date, withTime: boolean): number {
  const end = told.periods.map((p) => new Date(p.until).getTime()).find((until) => until > now.getTime()) ?? Infinity;
  const minute = withTime ? 60_000 - (now.getTime() % 60_000) : Infinity;
  return Math.min(end - now.getTime(), minute, AGAIN_MS);
}

/** Of what is on these boards; undefined while it is not known, or if nothing there depends on the day. */
export function useDayWords(vocabulary: number, boards: Board[]): DayWordsNow | undefined {
  const days = useMemo(() => boards.flatMap((b) => b.buttons).flatMap((b) => (b.says.type === 'of-day' ? [b.says.day] : [])), [boards]);
  const withTime = days.includes('TIME');
  const { data: told } = useQuery({ ...dayWords(vocabulary), enabled: days.length > 0 });
  const [now, setNow] = useState(() => new Date());
  useEffect(() => {
    if (!told || days.length === 0) return undefined;
    const look = () => setNow(new Date());
    const timer = setTimeout(look, untilNext(told, new Date(), withTime));
    // A tablet that slept wakes on another day.
    document.addEventListener('visibilitychange', look);
    return () => {
      clearTimeout(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, [told, now, days, withTime]);
  return useMemo(() => (told && days.length > 0 ? wordsAt(told, now) : undefined), [told, now, days]);
}

/** Around today in a week, in percent of the shorter side. */
const EDGE = 9;

/** A button as it is now. Core has the same (OnTheDay). */
export function asOfNow(button: Button, words?: DayWordsNow): Button {
  const said = button.says.type === 'of-day' ? words?.[button.says.day] : undefined;
  if (!said) return button;
  const layers = button.layers.length === 0 && said.picture ? [{ picture: said.picture, x: 0, y: 0, size: 1000 }] : button.layers;
  const look = said.marked ? { ...button.look, border: palette.ink.toLowerCase(), edge: EDGE } : button.look;
  // A recording, or how a word is spoken, is of another day.
  const how = button.how && { ...button.how, as: undefined };
  return { ...button, label: said.label, says: { type: 'words', text: said.spoken }, sound: undefined, how, layers, look };
}

export const boardAsOfNow = (board: Board, words?: DayWordsNow): Board =>
  words && board.buttons.some(saysDay) ? { ...board, buttons: board.buttons.map((b) => asOfNow(b, words)) } : board;
