import { expect, it } from 'vitest';
import type { PointingView, SizeFound } from '../../api/types';
import { surely } from './found';

const size = (widthMm: number, heightMm: number) => ({ widthMm, heightMm }) as SizeFound;
const check = (proposed?: number) => ({ sizes: [size(60, 70), size(31, 28)], proposed }) as PointingView;

it('knows a size by its shorter side, and says nothing where no size is sure', () => {
  expect(surely(check(1))).toBe(28);
  expect(surely(check(0))).toBe(60);
  expect(surely(check())).toBeUndefined();
});
