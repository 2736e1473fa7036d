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
  (await database()).put('later', { id, account, vocabulary: 7, file: new Blob(['x'], { type: 'image/png' }), facts: { words: [id] } });
const left = async () => (await (await database()).getAll('later')).map((one) => one.id);

beforeEach(async () => {
  await dropAll();
  await keep('boat');
  await keep('seal');
});

it('sends each once, though two tabs are at it', async () => {
  const send = vi.fn(() => Promise.resolve({} as never));
  const sent = await Promise.all([sendLater(4, send), sendLater(4, send)]);
  expect([sent, send.mock.calls.length, await left()]).toEqual([[2, 0], 2, []]);
});

it('keeps what cannot be sent yet, and does not send what is of somebody else', async () => {
  await keep('other', 5);
  const send = vi.fn(() => Promise.reject(new Problem(0, 'no network')));
  expect(await sendLater(4, send)).toBe(0);
  expect([send.mock.calls.length, await left()]).toEqual([1, ['boat', 'other', 'seal']]);
});

it('lets go of what the server will never take', async () => {
  const send = vi.fn(() => Promise.reject(new Problem(422, 'no picture')));
  expect(await sendLater(4, send)).toBe(0);
  expect(await left()).toEqual([]);
});
