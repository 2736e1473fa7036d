// @vitest-environment jsdom
import { beforeEach, expect, it } from 'vitest';
import type { DayNow, ShownList } from '../api/types';
import { dayHere, forgetDays, markHere, rememberDay } from './dayHere';

const words = ['bus', 'swim', 'lunch'].map((id) => ({ id, text: id, pictures: [], not: false, times: 1 }));
const shown = { id: 7, words, showing: { day: { clock: true, gone: false, times: { bus: 510, swim: 600, lunch: 720 } } } } as unknown as ShownList;
/** Half past ten in the evening in Halifax, where the student is; the device is somewhere else. */
const AT = new Date('2026-12-02T02:30:00Z');
const told = (day: string, marks: DayNow['marks'] = {}): DayNow => ({ day, minute: 0, zone: 'America/Halifax', marks, run: { events: [] } });
const states = (now: DayNow) => now.run.events.map((e) => e.state).join(' ');

beforeEach(() => localStorage.clear());

it('stands as it is where the student is', () => {
  rememberDay(7, told('2026-12-01', { lunch: 'NOT_TODAY' }));
  expect(dayHere(shown, AT)).toMatchObject({ day: '2026-12-01', minute: 22 * 60 + 30 });
  expect(states(dayHere(shown, AT))).toBe('OVER NOW NOT_TODAY');
});

it('knows what was marked on this device, and what was taken back', () => {
  rememberDay(7, told('2026-12-01', { bus: 'NOT_TODAY' }));
  expect(states(markHere(shown, 'swim', 'NOT_OVER', AT))).toBe('NOT_TODAY NOW COMES');
  expect(markHere(shown, 'bus', undefined, AT).marks).toEqual({ swim: 'NOT_OVER' });
});

it('begins a new day without what was marked of the day before', () => {
  rememberDay(7, told('2026-11-30', { bus: 'NOT_TODAY' }));
  expect(dayHere(shown, AT).marks).toEqual({});
  forgetDays(false, AT);
  expect(localStorage.length).toBe(0);
});

it('forgets today too when somebody signs out, and nothing of anybody else', () => {
  localStorage.setItem('other', 'x');
  rememberDay(7, told('2026-12-01'));
  forgetDays(false, AT);
  expect(localStorage.length).toBe(2);
  forgetDays(true, AT);
  expect(Object.keys(localStorage)).toEqual(['other']);
});
