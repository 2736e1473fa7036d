import { queryOptions } from '@tanstack/react-query';
import { answer, client, Problem } from '../api/client';
import type { DayNow, ShownList } from '../api/types';
import { dayHere, markHere, rememberDay } from './dayHere';
import type { Mark } from './dayRun';
import { canKeepLater, keepLater, sendLater } from './later';

/** A list as it is shown on a screen. `vocabulary`: from a button of which; then it has to be of the same student. */
export const showing = (list: number, vocabulary?: number) =>
  queryOptions({
    queryKey: ['showing', list, { vocabulary }],
    queryFn: () => answer(client.GET('/api/lists/{list}/showing', { params: { path: { list }, query: { vocabulary } } })),
    staleTime: 0,
  });

/** How often it is asked how a day stands: somebody else may have marked something. */
const DAY_MS = 15_000;

/** How a day stands; without network as far as this device knows. `account`: whose marks are sent that were made without one. */
export const dayNow = (shown: ShownList, account: number) =>
  queryOptions({
    queryKey: ['showing', shown.id, 'day'],
    queryFn: async () => {
      await sendBefore(account);
      try {
        const now = await answer(client.GET('/api/lists/{list}/day', { params: { path: { list: shown.id } } }));
        rememberDay(shown.id, now);
        return now;
      } catch (error) {
        if (isWithoutNetwork(error)) return dayHere(shown);
        throw error;
      }
    },
    staleTime: 0,
    refetchInterval: DAY_MS,
  });

/** `mark`: none takes back what was said today. Without network it is marked on this device, and sent when there is one. */
export async function markDay(shown: ShownList, account: number, word: string, mark?: Mark): Promise<DayNow> {
  try {
    await sendBefore(account);
    const now = await answer(client.PUT('/api/lists/{list}/day', { params: { path: { list: shown.id } }, body: { word, mark } }));
    rememberDay(shown.id, now);
    return now;
  } catch (error) {
    if (!isWithoutNetwork(error) || !canKeepLater()) throw error;
    const now = markHere(shown, word, mark);
    await keepLater({ what: 'marked', account, list: shown.id, day: now.day, word, mark });
    return now;
  }
}

/** What was marked without network comes before what is marked or asked with one. */
const sendBefore = async (account: number) => {
  if (canKeepLater()) await sendLater(account).catch(() => undefined);
};

const isWithoutNetwork = (error: unknown) => error instanceof Problem && error.status === 0;

/** Days, walks and books that stand on a student’s row. */
export const rowOf = (student: string) =>
  queryOptions({
    queryKey: ['row', student],
    queryFn: () => answer(client.GET('/api/students/{student}/row', { params: { path: { student } } })),
    staleTime: 0,
  });
