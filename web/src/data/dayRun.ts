import { t } from '@lingui/core/macro';
import type { DayNow, ShownList } from '../api/types';

// How a day stands at a moment, as core/showing has it: where there is no network a device works it out by itself.

export type Mark = 'OVER' | 'NOT_OVER' | 'NOT_TODAY';
export type Marks = Record<string, Mark | undefined>;
type Event = DayNow['run']['events'][number];

/** `never`: crossed out in the list itself. */
export interface Item {
  id: string;
  never: boolean;
}

/** As it is shown and said of what does not happen today. */
export const notToday = (text: string) => t`no ${text} today`;

const FIRST = 9 * 60;
const APART = 30;

function begins(items: Item[], times: Record<string, number>): number[] {
  let next = FIRST;
  return items.map(({ id }) => {
    const begin = times[id] ?? next;
    next = begin + APART;
    return begin;
  });
}

/** @param minute after midnight, where the student is */
export function dayRun(items: Item[], day: ShownList['showing']['day'], marks: Marks, minute: number): DayNow['run'] {
  const starts = begins(items, day.times);
  const off = (item: Item) => marks[item.id] === 'NOT_TODAY' || (item.never && marks[item.id] === undefined);
  const follower = (of: number) => starts.find((_, i) => i > of && !off(items[i])) ?? Infinity;
  let now = false;
  let led = !day.clock;
  const stateOf = (item: Item, i: number): Event['state'] => {
    const mark = marks[item.id];
    if (off(item)) return 'NOT_TODAY';
    if (mark === 'OVER' || (mark !== 'NOT_OVER' && day.clock && follower(i) <= minute)) {
      led ||= mark === 'OVER';
      return 'OVER';
    }
    if (now || !(led || mark === 'NOT_OVER' || starts[i] <= minute)) return 'COMES';
    now = true;
    return 'NOW';
  };
  const events = items.map((item, i) => ({ id: item.id, at: day.clock ? starts[i] : undefined, state: stateOf(item, i) }));
  const ahead = starts.filter((start) => start > minute);
  return { events, next: day.clock && ahead.length > 0 ? Math.min(...ahead) : undefined };
}
