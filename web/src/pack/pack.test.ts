import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it } from 'vitest';
import { fromPack, lookAnew } from './answers';
import {
  allPacks,
  damaged,
  database,
  dropAll,
  dropPacks,
  hashOf,
  isHeardOf,
  isWhole,
  keepBegun,
  Keeping,
  keepPack,
  UNHEARD_MS,
  type Pack,
  partsOf,
  type Parts,
} from './store';

const at = (path: string) => new URL(path, 'https://dwimble.example');
const text = (value: unknown) => new TextEncoder().encode(typeof value === 'string' ? value : JSON.stringify(value)).buffer;
const SESSION = { account: { id: 4, name: 'Odile' }, demo: false };

async function keep(vocabulary: number, more: Partial<Pack> = {}, documents: Record<string, unknown> = {}): Promise<Pack> {
  const parts: Parts = {};
  const keeping = new Keeping();
  const all = {
    '/api/session': SESSION,
    [`/api/vocabularies/${vocabulary}`]: { id: vocabulary },
    [`/api/vocabularies/${vocabulary}/boards`]: [{ of: vocabulary }],
    ...documents,
  };
  for (const [address, value] of Object.entries(all)) parts[address] = await keeping.keep(text(value), 'application/json');
  await keeping.done();
  const now = Date.now();
  const pack = { vocabulary, mark: 'm', version: 1, name: 'Ilse', account: 4, madeAt: now, heardAt: now, bytes: 1, ...more };
  await keepPack(pack, parts);
  lookAnew();
  return pack;
}
const answered = async (path: string): Promise<unknown> => (await fromPack(at(path)))?.json();

beforeEach(async () => {
  await dropAll();
  lookAnew();
});

describe('what a device answers from its packs', () => {
  it('is the vocabulary, its boards, and who is signed in', async () => {
    await keep(7);
    expect(await answered('/api/vocabularies/7/boards')).toEqual([{ of: 7 }]);
    expect(await answered('/api/session')).toEqual(SESSION);
    expect((await fromPack(at('/api/vocabularies/7')))?.headers.get('Content-Type')).toBe('application/json');
  });

  it('is nothing of a vocabulary that has none, though another has', async () => {
    await keep(7, {}, { '/art/colour.yellow.usual/core/eat.svg': 'eat' });
    expect(await answered('/api/vocabularies/9')).toBeUndefined();
    expect(await answered('/api/vocabularies/9/boards')).toBeUndefined();
    expect(await (await fromPack(at('/art/colour.yellow.usual/core/eat.svg')))?.text()).toBe('eat');
  });

  it('is nothing but that nobody is signed in after thirty days unheard, and a day more for a clock that is off', async () => {
    const old = Date.now() - UNHEARD_MS;
    await keep(7, { heardAt: old - 2 * 24 * 3_600_000 });
    expect(await answered('/api/vocabularies/7')).toBeUndefined();
    expect(await answered('/api/session')).toEqual({ demo: false });
    expect(isHeardOf(await keep(7, { heardAt: old - 3_600_000 }))).toBe(true);
    expect(isHeardOf(await keep(7, { heardAt: Date.now() + 24 * 3_600_000 }))).toBe(true);
  });

  it('says of pictures that they hold, so that a page does not ask for each again, and not of boards', async () => {
    await keep(7, {}, { '/art/colour.yellow.usual/core/eat.svg': 'eat', '/api/vocabularies/7/pictures/ab?look=x': 'photo' });
    const holds = async (path: string) => (await fromPack(at(path)))?.headers.get('Cache-Control');
    expect(await holds('/art/colour.yellow.usual/core/eat.svg')).toContain('max-age');
    expect(await holds('/api/vocabularies/7/pictures/ab?look=x')).toContain('max-age');
    expect(await holds('/api/vocabularies/7/boards')).toBe('no-cache');
  });

  it('is nothing of what the browser has cleared away', async () => {
    await keep(7);
    await (await database()).clear('bytes');
    expect(await answered('/api/vocabularies/7/boards')).toBeUndefined();
  });

  it('is what a newer pack has, and nothing that it has no more', async () => {
    await keep(7, {}, { '/effects/a.wav': 'old', '/effects/b.wav': 'gone' });
    await keep(7, { version: 2 }, { '/effects/a.wav': 'new' });
    expect(await (await fromPack(at('/effects/a.wav')))?.text()).toBe('new');
    expect(await fromPack(at('/effects/b.wav'))).toBeUndefined();
  });
});

describe('packs on the disk', () => {
  it('know what was spoilt and what was cleared away', async () => {
    await keep(7, {}, { '/effects/a.wav': 'sound', '/effects/b.wav': 'other' });
    const parts = await partsOf(7);
    expect([await isWhole(parts), await damaged(parts)]).toEqual([true, []]);
    const db = await database();
    await db.put('bytes', text('spoilt'), parts['/effects/a.wav'].hash);
    await db.delete('bytes', parts['/effects/b.wav'].hash);
    expect(await isWhole(parts)).toBe(false);
    expect((await damaged(parts)).sort()).toEqual(['/effects/a.wav', '/effects/b.wav']);
  });

  it('share what is the same, and leave nothing when they go', async () => {
    await keep(7, {}, { '/effects/a.wav': 'sound' });
    await keep(9, {}, { '/effects/a.wav': 'sound' });
    const sound = await hashOf(text('sound'));
    await dropPacks((pack) => pack.vocabulary === 7);
    expect((await allPacks()).map((pack) => pack.vocabulary)).toEqual([9]);
    const db = await database();
    expect(await db.get('bytes', sound)).toBeDefined();
    await dropPacks(() => true);
    expect(await db.getAllKeys('bytes')).toEqual([]);
  });

  it('go on with what was begun, and forget it once they are whole', async () => {
    const keeping = new Keeping();
    const part = await keeping.keep(text('half'), 'text/plain');
    await keeping.done();
    await keepBegun(7, { '/half': part });
    await keep(9);
    expect(await (await database()).get('bytes', part.hash)).toBeDefined();
    await keep(7);
    expect(await (await database()).get('bytes', part.hash)).toBeUndefined();
  });

  it('are all gone when somebody signs out, with what was to be sent', async () => {
    await keep(7);
    const db = await database();
    await db.put('later', { id: 'x', what: 'said', account: 4, vocabulary: 7, day: '2026-12-01', words: {}, messages: [] });
    await dropAll();
    expect([await db.count('packs'), await db.count('bytes'), await db.count('later')]).toEqual([0, 0, 0]);
  });
});
