import { beforeAll, expect, it, vi } from 'vitest';

let screenName: typeof import('./students').screenName;

beforeAll(async () => {
  vi.stubGlobal('window', { location: { origin: 'http://localhost' } });
  ({ screenName } = await import('./students'));
});

const usual = [{ name: 'tablet, 10 inch', screen: { width: 207_264, height: 155_448 } }];

it('calls a usual screen by its name and any other by its sides', () => {
  expect(screenName({ width: 207_264, height: 155_448 }, usual)).toBe('tablet, 10 inch');
  expect(screenName({ width: 155_448, height: 207_264 }, usual)).toBe('155 x 207 mm');
});
