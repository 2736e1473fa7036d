import { expect, it, vi } from 'vitest';
import { askEarly, takeEarly } from './early';

const get = (address: string, method = 'GET') => new Request(`http://localhost${address}`, { method });

it('is taken once, by who asks for the same', async () => {
  const fetched = vi.fn((address: string) => Promise.resolve(new Response(address)));
  vi.stubGlobal('fetch', fetched);
  askEarly('/api/session', '/api/vocabularies/7/boards');
  expect(takeEarly(get('/api/vocabularies/8/boards'))).toBeUndefined();
  expect(await (await takeEarly(get('/api/session'))!).text()).toBe('/api/session');
  expect(takeEarly(get('/api/session'))).toBeUndefined();
  expect(fetched).toHaveBeenCalledTimes(2);
});

it('is not what a change is answered with, nor what was true before it', () => {
  vi.stubGlobal('fetch', () => Promise.resolve(new Response()));
  askEarly('/api/session');
  expect(takeEarly(get('/api/session', 'DELETE'))).toBeUndefined();
  expect(takeEarly(get('/api/session'))).toBeUndefined();
});

it('fails for who takes it, and for nobody else', async () => {
  vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')));
  askEarly('/api/session');
  await expect(takeEarly(get('/api/session'))).rejects.toThrow('no network');
});
