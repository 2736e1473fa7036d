// @vitest-environment jsdom
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { Here } from './here';

beforeEach(() => localStorage.clear());
afterEach(() => vi.restoreAllMocks());

it('keeps each kind under its own name, and forgets no other', () => {
  const seals = new Here<number>('seals');
  const crabs = new Here<number>('crabs');
  seals.keep(7, 1);
  seals.keep('home', 2);
  crabs.keep(7, 3);
  seals.forget((kept) => kept === 1);
  expect([seals.read(7), seals.read('home'), crabs.read(7)]).toEqual([undefined, 2, 3]);
  seals.drop('no such');
  seals.forget();
  expect([seals.read('home'), crabs.read(7)]).toEqual([undefined, 3]);
});

it('knows nothing where the browser keeps nothing, or something else', () => {
  const seals = new Here<number>('seals');
  localStorage.setItem('dwimble.seals.7', '{"half');
  expect(seals.read(7)).toBeUndefined();
  seals.forget(() => false);
  expect(localStorage.length).toBe(0);
  vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  expect([seals.keep(7, 1), seals.read(7)]).toEqual([false, undefined]);
});
