import { expect, it } from 'vitest';
import type { PointingView, SizeFound } from '../../api/types';
import { hitOf, surely } from './found';

const size = (widthMm: number, heightMm: number) => ({ widthMm, heightMm }) as SizeFound;
const check = (proposed?: number) => ({ sizes: [size(60, 70), size(31, 28)], proposed }) as PointingView;

it('knows a size by its shorter side, and says nothing where no size is sure', () => {
  expect(surely(check(1))).toBe(28);
  expect(surely(check(0))).toBe(60);
  expect(surely(check())).toBeUndefined();
});

it('knows what was hit of a grid when it was pointed at last, but not by a switch', () => {
  const at = (day: string, how: PointingView['how'], hits: number) =>
    ({ day, how, sizes: [{ ...size(31, 28), rows: 4, columns: 6, hits, tries: 20 }] }) as unknown as PointingView;
  const hit = hitOf([at('2026-12-01', 'SWITCH', 3), at('2026-11-27', 'FINGER', 20), at('2026-10-01', 'FINGER', 14)]);
  expect(hit(4, 6)).toEqual({ hits: 20, tries: 20, day: '2026-11-27' });
  expect(hit(5, 8)).toBeUndefined();
});
