import { expect, test } from 'vitest';
import { today, withSaid } from './saidToday';

test('each button once, in the order in which it was said first', () => {
  let kept = withSaid(undefined, 'swim', '2026-6-4');
  for (const button of ['more', 'swim', 'home']) kept = withSaid(kept, button, '2026-6-4');
  expect(kept).toEqual({ day: '2026-6-4', buttons: ['swim', 'more', 'home'] });
});

test('what was said yesterday is gone with the first word of today', () => {
  expect(withSaid({ day: '2026-6-3', buttons: ['swim'] }, 'more', '2026-6-4')).toEqual({ day: '2026-6-4', buttons: ['more'] });
});

test('the day is that of the device, not of the world’s clock', () => {
  expect(today(new Date(2026, 5, 4, 0, 5))).toBe('2026-6-4');
  expect(today(new Date(2026, 5, 4, 23, 55))).toBe('2026-6-4');
});
