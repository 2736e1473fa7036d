import { describe, expect, it } from 'vitest';
import { clock, minutesOf, shown, typed, unitOn } from './units';

describe('lengths', () => {
  it('are inches where the school prints on Letter, and millimetres where it prints on A4', () => {
    expect(unitOn('LETTER')).toBe('in');
    expect(unitOn('A4')).toBe('mm');
    expect(unitOn(undefined)).toBe('mm');
  });

  it('are read as typed, in any unit, exactly', () => {
    expect(typed('45', 'mm')).toBe(45_000);
    expect(typed('45,5 mm', 'in')).toBe(45_500);
    expect(typed('4.5 cm', 'mm')).toBe(45_000);
    expect(typed('1 3/4 in', 'mm')).toBe(44_450);
    expect(typed('2', 'in')).toBe(50_800);
    expect(typed('wide', 'mm')).toBeUndefined();
    expect(typed('1/0', 'in')).toBeUndefined();
    expect(typed('-4', 'mm')).toBeUndefined();
  });

  it('are shown as they were typed', () => {
    expect(shown(45_000, 'mm')).toBe('45');
    expect(shown(44_450, 'in')).toBe('1.75');
    for (const text of ['1', '12.5', '0.125', '3.875']) expect(shown(typed(text, 'in')!, 'in')).toBe(text);
  });
});

it('times of a day are read as people write them', () => {
  expect(minutesOf('9:05')).toBe(545);
  expect(minutesOf('0905')).toBe(545);
  expect(minutesOf('14')).toBe(840);
  expect(minutesOf('24:00')).toBeUndefined();
  expect(minutesOf('9:75')).toBeUndefined();
  expect(clock(545)).toBe('9:05');
});
