import 'fake-indexeddb/auto';
import { beforeAll, beforeEach, expect, it, vi } from 'vitest';
import { database, dropAll } from '../pack/store';

let sendLater: typeof import('./later').sendLater;
let Problem: typeof import('../api/client').Problem;

// One tab after the other, as a browser lets them.
let before: Promise<unknown> = Promise.resolve();
const request = (_: string, work: () => Promise<unknown>) => (before = before.then(work));

beforeAll(async () => {
  vi.stubGlobal('window', { location: { origin: 'http://localhost' } });
  vi.stubGlobal('navigator', { locks: { request } });
  ({ sendLater } = await import('./later'));
  ({ Problem } = await import('../api/client'));
});

const keep = async (id: string, account = 4) =>
  (await database()).put('later', {
    id,
    what: 'drawn',
    account,
    vocabulary: 7,
    name: `${id}.png`,
    file: new Blob(['x'], { type: 'image/png' }),
    facts: { words: [id] },
  });
const left = async () => (await (await database()).getAll('later')).map((one) => one.id);

beforeEach(async () => {
  await dropAll();
  await keep('boat');
  await keep('seal');
});

const all = (drawn: () => Promise<unknown>) => ({ drawn, said: drawn, marked: drawn });

it('sends each once, though two tabs are at it', async () => {
  const send = vi.fn(() => Promise.resolve());
  await Promise.all([sendLater(4, all(send)), sendLater(4, all(send))]);
  expect([send.mock.calls.length, await left()]).toEqual([2, []]);
});

it('keeps what cannot be sent yet, and does not send what is of somebody else', async () => {
  await keep('other', 5);
  const send = vi.fn(() => Promise.reject(new Problem(0, 'no network')));
  await sendLater(4, all(send));
  expect([send.mock.calls.length, await left()]).toEqual([1, ['boat', 'other', 'seal']]);
});

it('lets go of what the server will never take', async () => {
  const send = vi.fn(() => Promise.reject(new Problem(422, 'no picture')));
  await sendLater(4, all(send));
  expect([send.mock.calls.length, await left()]).toEqual([2, []]);
});

it('sends what came first first: it was touched as over, and then as not', async () => {
  await dropAll();
  const mark = (id: string, at: number, is: 'OVER' | 'NOT_OVER') =>
    ({ what: 'marked', id, at, account: 4, list: 7, day: '2026-12-01', word: 'w', mark: is }) as const;
  await (await database()).put('later', mark('a', 2, 'NOT_OVER'));
  await (await database()).put('later', mark('b', 1, 'OVER'));
  const sent: string[] = [];
  await sendLater(4, { ...all(vi.fn()), marked: ({ mark: is }) => Promise.resolve(sent.push(is ?? 'none')) });
  expect(sent).toEqual(['OVER', 'NOT_OVER']);
});
