import { expect, it } from 'vitest';
import { dayAndTime, today } from './time';

const now = new Date(2026, 10, 23, 0, 30);

it('tells days as people do', () => {
  expect(dayAndTime(new Date(2026, 10, 23, 0, 10).toISOString(), now)).toBe('today 00:10');
  expect(dayAndTime(new Date(2026, 10, 22, 23, 50).toISOString(), now)).toBe('yesterday 23:50');
  expect(dayAndTime(new Date(2026, 2, 3, 9, 0).toISOString(), now)).toBe('3 March');
  expect(dayAndTime(new Date(2025, 2, 3, 9, 0).toISOString(), now)).toBe('3 March 2025');
  expect(today(now)).toBe('Monday 23 November');
});
