import 'fake-indexeddb/auto';
import { beforeAll, beforeEach, expect, it, vi } from 'vitest';
import { bytesOf, database, dropAll, packOf, partsOf } from '../pack/store';

let makeReady: typeof import('./talkPacks').makeReady;
let NoRoom: typeof import('./talkPacks').NoRoom;

/** What the server has: two boards, two pictures, a sound, a word that is said. */
const school = { mark: '', revision: 0, pictures: [''], lists: [0], sound: '' };
/** Whether the network is gone, or something else happens, at an address. */
let at: Record<string, () => Response | 'gone'> = {};
let asked: string[] = [];

const json = (value: unknown, status = 200) => Response.json(value, { status });
const line = (id: string, revision: number) => ({ id, revision });
const answers: [RegExp, (found: RegExpExecArray) => Response][] = [
  [/^\/api\/session$/, () => json({ account: { id: 4 } })],
  [
    /\/talk-pack\?known=(.*)$/,
    ([, known]) => {
      if (known === school.mark) return new Response(null, { status: 204 });
      return json({ mark: school.mark, pictures: school.pictures, sounds: [school.sound], spoken: [{ text: 'eat', manner: 'PLAIN' }], lists: school.lists });
    },
  ],
  [/^\/api\/vocabularies\/7$/, () => json({ id: 7, version: school.revision, name: 'Home', locale: 'en', art: 'drawn', boards: boards() })],
  [/^\/api\/vocabularies\/7\/boards\/(\w+)\?/, ([, id]) => json({ id, revision: school.revision })],
  [/\/day-words$/, () => json({ periods: [] })],
  [/^\/api\/lists\/3\/showing/, () => json({ words: [{ text: 'A seal.', pictures: ['core/seal'] }], art: 'drawn', language: 'en', showing: SHOWN })],
  [/\/(revealed|word-forms)$|voices/, () => json([])],
  [/\.svg$|\/sounds\/|speech/, (found) => new Response(found.input, { headers: { 'content-type': 'image/svg+xml' } })],
];
const SHOWN = { as: 'BOOK', book: { remarks: [{ text: 'look', picture: 'core/look' }] } };
const boards = () => [line('home', 1), line('food', school.revision)];

/** Library drawings that were asked for, each by itself. */
async function drawings(given: Request): Promise<Response> {
  const { appearance, pictures } = (await given.json()) as { appearance: string; pictures: string[] };
  const there: Record<string, string> = {};
  for (const picture of pictures) {
    const drawn = await fetched(`/art/${appearance}/${picture}.svg`);
    if (drawn.ok) there[picture] = await drawn.text();
  }
  return json(there);
}

const fetched = async (given: Request | string): Promise<Response> => {
  const url = new URL(typeof given === 'string' ? given : given.url, 'http://localhost');
  const address = decodeURIComponent(url.pathname + url.search);
  if (address === '/api/pictures/drawings' && given instanceof Request) return drawings(given);
  asked.push(address);
  const special = Object.entries(at).find(([part]) => address.includes(part))?.[1]();
  if (special === 'gone') throw new TypeError('no network');
  if (special) return special;
  for (const [pattern, give] of answers) {
    const found = pattern.exec(address);
    if (found) return give(found);
  }
  return new Response(null, { status: 404 });
};

// One tab after the other, as a browser lets them.
let before: Promise<unknown> = Promise.resolve();
const request = (_: string, work: () => Promise<unknown>) => (before = before.catch(() => undefined).then(work));

beforeAll(async () => {
  vi.stubGlobal('window', { location: { origin: 'http://localhost' } });
  vi.stubGlobal('document', { cookie: '' });
  vi.stubGlobal('navigator', { locks: { request }, serviceWorker: { ready: Promise.resolve() } });
  vi.stubGlobal('fetch', fetched);
  await openAnew();
});

beforeEach(async () => {
  vi.restoreAllMocks();
  await dropAll();
  Object.assign(school, { mark: 'a', revision: 1, pictures: ['core/eat', 'core/drink'], lists: [3], sound: 'own/ab' });
  at = {};
  asked = [];
});

/** The page is opened again. */
async function openAnew() {
  vi.resetModules();
  ({ makeReady, NoRoom } = await import('./talkPacks'));
}

const ready = () => makeReady(7, () => undefined);
const kept = async () => Object.keys(await partsOf(7)).map(decodeURIComponent);

it('keeps all that talking needs, and is of the mark it was asked with', async () => {
  const { pack, newer } = await ready();
  expect(newer).toBe(false);
  expect(await packOf(7)).toEqual(pack);
  expect(pack).toMatchObject({ mark: 'a', version: 1, account: 4 });
  expect(await kept()).toEqual(
    expect.arrayContaining([
      '/api/session',
      '/api/vocabularies/7/boards',
      '/art/drawn/core/eat.svg',
      '/art/drawn/core/seal.svg',
      '/art/drawn/core/look.svg',
      expect.stringContaining('text=eat&'),
      expect.stringContaining('text=A+seal.'),
    ]),
  );
});

it('asks for nothing but whether it is as it was, where nothing changed', async () => {
  await ready();
  asked = [];
  await ready();
  expect(asked).toEqual(['/api/vocabularies/7/talk-pack?known=a']);
});

it('asks for the boards and pictures alone that are new', async () => {
  await ready();
  Object.assign(school, { mark: 'b', revision: 2, pictures: ['core/eat', 'core/drink', 'core/crab'] });
  asked = [];
  expect((await ready()).newer).toBe(true);
  expect(asked.filter((a) => a.includes('.svg'))).toEqual(['/art/drawn/core/crab.svg']);
  expect(asked.filter((a) => a.includes('/boards/'))).toEqual(['/api/vocabularies/7/boards/food?revision=2']);
  expect(asked.filter((a) => a.includes('speech'))).toEqual([]);
});

it('goes on where it was when the network comes back, and leaves what was kept before in force', async () => {
  await ready();
  Object.assign(school, { mark: 'b', revision: 2, pictures: ['core/crab'], sound: 'own/cd' });
  at = { '/sounds/cd': () => 'gone' };
  await expect(ready()).rejects.toMatchObject({ status: 0 });
  expect((await packOf(7))?.mark).toBe('a');
  at = {};
  asked = [];
  expect((await ready()).pack.mark).toBe('b');
  expect(asked.filter((a) => a.includes('.svg') || a.includes('/sounds/'))).toEqual(['/api/vocabularies/7/sounds/cd']);
});

it('can be talked with before every word was spoken, if the network goes then', async () => {
  at = { speech: () => 'gone' };
  await expect(ready()).rejects.toMatchObject({ status: 0 });
  expect(await kept()).toEqual(expect.arrayContaining(['/api/vocabularies/7/boards', '/art/drawn/core/eat.svg']));
  at = {};
  expect((await ready()).pack.mark).toBe('a');
});

it('is of one version, though somebody changes the boards while they come', async () => {
  let changed = false;
  at = {
    '/day-words': () => {
      if (!changed) Object.assign(school, { mark: 'b', revision: 2 });
      changed = true;
      return json({ periods: [] });
    },
  };
  expect((await ready()).pack).toMatchObject({ mark: 'b', version: 2 });
  const [home, food] = JSON.parse(new TextDecoder().decode(await bytesOf((await partsOf(7))['/api/vocabularies/7/boards']))) as { revision: number }[];
  expect([home?.revision, food?.revision]).toEqual([2, 2]);
});

it.each(['cleared away', 'spoilt'])('asks again for what was %s, and for nothing else', async (how) => {
  await ready();
  const { '/art/drawn/core/eat.svg': eat } = await partsOf(7);
  const db = await database();
  await (how === 'spoilt' ? db.put('bytes', new ArrayBuffer(3), eat.hash) : db.delete('bytes', eat.hash));
  await openAnew();
  asked = [];
  await ready();
  expect(asked.filter((a) => a.includes('.svg'))).toEqual(['/art/drawn/core/eat.svg']);
});

it('says that the device has no room, and does not break what was whole', async () => {
  await ready();
  Object.assign(school, { mark: 'b', revision: 2, pictures: ['core/crab'] });
  const full = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  await expect(ready()).rejects.toBeInstanceOf(NoRoom);
  full.mockRestore();
  expect((await packOf(7))?.mark).toBe('a');
  expect(await kept()).toContain('/art/drawn/core/eat.svg');
});

it.each([403, 404])('goes as soon as the server says %i', async (status) => {
  await ready();
  at = { 'talk-pack': () => new Response(null, { status }) };
  await expect(ready()).rejects.toMatchObject({ status });
  expect([await packOf(7), await (await database()).count('bytes')]).toEqual([undefined, 0]);
});

it('stays when somebody has to sign in again', async () => {
  await ready();
  at = { 'talk-pack': () => new Response(null, { status: 401 }) };
  await expect(ready()).rejects.toMatchObject({ status: 401 });
  expect(await packOf(7)).toBeDefined();
});

it('leaves out what the server does not have', async () => {
  at = { 'eat.svg': () => new Response(null, { status: 404 }), '/lists/3': () => new Response(null, { status: 404 }) };
  expect((await ready()).pack.mark).toBe('a');
  expect(await kept()).not.toContain('/art/drawn/core/eat.svg');
});

it('is made once, though two tabs want it', async () => {
  await Promise.all([ready(), ready()]);
  expect(asked.filter((a) => a.includes('eat.svg'))).toHaveLength(1);
});
