// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import shared from '../../../core/src/test/resources/org/dwimble/core/shared-cases.json';
import type { Board, DaySaid, DayWord, DayWordsView } from '../api/types';
import { button } from '../testing/plain';
import { asOfNow, dayWords, untilNext, useDayWords, wordsAt } from './dayWords';

interface Tried {
  label: string;
  day: DayWord;
  picture?: string;
  said?: DaySaid;
  shows: string;
  says: string;
  pictured?: string;
  sound?: string;
  as?: string;
  sounds?: string;
  edge?: number;
  border?: string;
}
const cases = (shared as unknown as { dayWords: Tried[] }).dayWords;

it.each(cases)('$label is shown as $shows, as core has it', (tried) => {
  const layers = tried.picture ? [{ picture: tried.picture, x: 0, y: 0, size: 1000 }] : [];
  const how = { manner: 'PLAINLY', when: 'BOTH', as: tried.as } as const;
  const shown = asOfNow(button(tried.label, 0, 0, { says: { type: 'of-day', day: tried.day }, layers, sound: tried.sound, how }), { [tried.day]: tried.said });
  expect(shown.label).toBe(tried.shows);
  expect(shown.says.type === 'words' ? shown.says.text : shown.label).toBe(tried.says);
  expect(shown.sound).toBe(tried.sounds);
  expect(shown.how?.as).toBe(tried.said ? undefined : tried.as);
  expect(shown.layers[0]?.picture).toBe(tried.pictured);
  expect(shown.look.edge).toBe(tried.edge);
  expect(shown.look.border).toBe(tried.border);
});

const said = (text: string): DaySaid => ({ label: text, spoken: text, marked: false });
/** Two days in London, told at ten on Monday. */
const told: DayWordsView = {
  zone: 'Europe/London',
  writtenAs: 'en-GB',
  periods: [
    { from: '2026-11-30T10:00:00Z', until: '2026-12-01T00:00:00Z', words: { TODAY: said('Monday') } },
    { from: '2026-12-01T00:00:00Z', until: '2026-12-02T00:00:00Z', words: { TODAY: said('Tuesday') } },
  ],
};

it('changes at midnight, not before, and keeps the last it was told', () => {
  expect(wordsAt(told, new Date('2026-11-30T23:59:59Z')).TODAY?.label).toBe('Monday');
  expect(wordsAt(told, new Date('2026-12-01T00:00:00Z')).TODAY?.label).toBe('Tuesday');
  expect(wordsAt(told, new Date('2026-12-05T00:00:00Z')).TODAY?.label).toBe('Tuesday');
});

it('tells the time where the student is, and looks again when the minute is over', () => {
  expect(wordsAt({ ...told, zone: 'Asia/Kolkata' }, new Date('2026-11-30T10:15:30Z')).TIME?.label).toBe('15:45');
  expect(untilNext(told, new Date('2026-11-30T10:15:30Z'), true)).toBe(30_000);
  expect(untilNext(told, new Date('2026-11-30T23:59:30Z'), false)).toBe(30_000);
});

const board: Board = {
  id: 'days',
  name: 'Days',
  rows: 1,
  columns: 2,
  widths: [],
  heights: [],
  look: {},
  buttons: [button('today', 0, 0, { says: { type: 'of-day', day: 'TODAY' } })],
};

beforeEach(() => vi.useFakeTimers({ now: new Date('2026-11-30T23:59:00Z'), shouldAdvanceTime: true }));
afterEach(() => vi.useRealTimers());

it('is another day right after midnight, without reloading', async () => {
  const queries = new QueryClient();
  queries.setQueryData(dayWords(7).queryKey, told);
  const boards = [board];
  const { result } = renderHook(() => useDayWords(7, boards), {
    wrapper: ({ children }) => <QueryClientProvider client={queries}>{children}</QueryClientProvider>,
  });
  expect(result.current?.TODAY?.label).toBe('Monday');
  act(() => void vi.advanceTimersByTime(61_000));
  await waitFor(() => expect(result.current?.TODAY?.label).toBe('Tuesday'));
});

it('asks nothing for boards that do not depend on the day', () => {
  const queries = new QueryClient();
  const { result } = renderHook(() => useDayWords(7, []), {
    wrapper: ({ children }) => <QueryClientProvider client={queries}>{children}</QueryClientProvider>,
  });
  expect(result.current).toBeUndefined();
  expect(queries.isFetching()).toBe(0);
});
