import { expect, it } from 'vitest';
import shared from '../../../core/src/test/resources/org/dwimble/core/shared-cases.json';
import { dayRun, type Marks } from './dayRun';

interface Case {
  items: string[];
  day: { clock: boolean; gone: boolean; times: Record<string, number> };
  marks: Marks;
  minute: number;
  states: string[];
  at: (number | null)[];
  next: number | null;
}
const cases = (shared as unknown as { days: Case[] }).days;

it.each(cases)('$items at $minute with $marks stand as $states, as core has it', ({ items, day, marks, minute, states, at, next }) => {
  const run = dayRun(
    items.map((item) => ({ id: item.replace('!', ''), never: item.endsWith('!') })),
    day,
    marks,
    minute,
  );
  expect(run.events.map((e) => e.state)).toEqual(states);
  expect(run.events.map((e) => e.at ?? null)).toEqual(at);
  expect(run.next ?? null).toBe(next);
});
