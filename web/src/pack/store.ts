import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** What is kept at an address, by the SHA-256 of its bytes. */
export interface Part {
  hash: string;
  type: string;
  bytes: number;
}

/** One talk pack: all that talking with a vocabulary needs, as it was at one version. Moments are milliseconds since 1970 on this device. */
export interface Pack {
  vocabulary: number;
  /** Stands for all that is in it. */
  mark: string;
  version: number;
  name: string;
  /** Whose account asked for it. */
  account: number;
  /** When the boards were as they are in it. */
  madeAt: number;
  /** When the server last said that it may be kept. */
  heardAt: number;
  bytes: number;
}

export type Parts = Record<string, Part>;

interface At extends Part {
  address: string;
  vocabulary: number;
}

interface Schema extends DBSchema {
  packs: { key: number; value: Pack };
  /** What is at which address of which pack. */
  addresses: { key: [string, number]; value: At; indexes: { of: number } };
  /** Parts of a pack that was not finished, to go on with. */
  begun: { key: number; value: { vocabulary: number; parts: Parts } };
  bytes: { key: string; value: ArrayBuffer };
  /** What is to be sent when there is a network. */
  later: { key: string; value: Later };
}

interface OfLater {
  id: string;
  account: number;
  /** When it was kept, in milliseconds since 1970 on this device: what came first is sent first. */
  at?: number;
}

/** What was said, as much of it as was agreed to. */
export interface Said extends OfLater {
  what: 'said';
  vocabulary: number;
  day: string;
  /** How often each was said. */
  words: Record<string, number>;
  messages: { at: string; text: string }[];
}

/** A picture that was drawn while there was no network. */
export interface Drawn extends OfLater {
  what: 'drawn';
  vocabulary: number;
  file: Blob;
  name: string;
  facts: unknown;
}

/** What was said of something of a day while there was no network; it holds for that day. */
export interface Marked extends OfLater {
  what: 'marked';
  list: number;
  day: string;
  word: string;
  mark?: 'OVER' | 'NOT_OVER' | 'NOT_TODAY';
}

export type Later = Said | Drawn | Marked;
type Without<T, K extends PropertyKey> = T extends unknown ? Omit<T, K> : never;
/** As it is given to be kept: how it is told apart, and when it was kept, are added then. */
export type Unsent = Without<Later, 'id' | 'at'>;

/** So long a pack is shown to nobody who has not been heard of. */
export const UNHEARD_MS = 30 * 24 * 60 * 60_000;
/** A device’s clock may be a day off. */
const OFF_MS = 24 * 60 * 60_000;

let opened: Promise<IDBPDatabase<Schema>> | undefined;

export function database(): Promise<IDBPDatabase<Schema>> {
  opened ??= openDB<Schema>('dwimble', 1, {
    upgrade(db) {
      db.createObjectStore('packs', { keyPath: 'vocabulary' });
      db.createObjectStore('addresses', { keyPath: ['address', 'vocabulary'] }).createIndex('of', 'vocabulary');
      db.createObjectStore('begun', { keyPath: 'vocabulary' });
      db.createObjectStore('bytes');
      db.createObjectStore('later', { keyPath: 'id' });
    },
    terminated() {
      opened = undefined;
    },
  });
  return opened;
}

export const packOf = async (vocabulary: number) => (await database()).get('packs', vocabulary);
export const allPacks = async () => (await database()).getAll('packs');

/** A clock that was set back makes no pack older, and none younger than it is. */
export const isHeardOf = (pack: Pack, now = Date.now()) => now - pack.heardAt < UNHEARD_MS + OFF_MS;

/** Everything in the pack of a vocabulary, by its address. */
export async function partsOf(vocabulary: number): Promise<Parts> {
  const all = await (await database()).getAllFromIndex('addresses', 'of', vocabulary);
  return Object.fromEntries(all.map(({ address, hash, type, bytes }) => [address, { hash, type, bytes }]));
}

/** What any of some packs has at an address. */
export async function partAt(address: string, packs: Pack[]): Promise<Part | undefined> {
  return (await found(address, packs, false))?.part;
}

/** The same with its bytes, in one reading: a page asks for a hundred pictures at once. */
export async function bytesAt(address: string, packs: Pack[]): Promise<{ part: Part; bytes: ArrayBuffer } | undefined> {
  const at = await found(address, packs, true);
  return at?.bytes && { part: at.part, bytes: at.bytes };
}

async function found(address: string, packs: Pack[], whole: boolean): Promise<{ part: Part; bytes?: ArrayBuffer } | undefined> {
  const reading = (await database()).transaction(['addresses', 'bytes']);
  for (const { vocabulary } of packs) {
    const part = await reading.objectStore('addresses').get([address, vocabulary]);
    if (part) return { part, bytes: whole ? await reading.objectStore('bytes').get(part.hash) : undefined };
  }
  return undefined;
}

/** Whether all bytes are there. */
export async function isWhole(parts: Parts): Promise<boolean> {
  const there = new Set(await (await database()).getAllKeys('bytes'));
  return Object.values(parts).every((part) => there.has(part.hash));
}

export async function hashOf(bytes: ArrayBuffer): Promise<string> {
  const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', bytes));
  return Array.from(digest, (b) => b.toString(16).padStart(2, '0')).join('');
}

/** The addresses of parts whose bytes are not what they were: what the disk has spoilt, or the browser cleared away. */
export async function damaged(parts: Parts): Promise<string[]> {
  const db = await database();
  const spoilt = async (part: Part) => {
    const bytes = await db.get('bytes', part.hash);
    return !bytes || (await hashOf(bytes)) !== part.hash;
  };
  const all = Object.entries(parts);
  const found = await Promise.all(all.map(async ([address, part]) => ((await spoilt(part)) ? address : undefined)));
  return found.filter((address) => address !== undefined);
}

/** Keeps bytes by their hash, many at once: each writing waits for those before it, and takes about as long for one as for a hundred. */
export class Keeping {
  private pending = new Map<string, ArrayBuffer>();
  private last: Promise<unknown> = Promise.resolve();

  /** @returns how it will be kept */
  async keep(bytes: ArrayBuffer, type: string): Promise<Part> {
    const hash = await hashOf(bytes);
    this.pending.set(hash, bytes);
    if (this.pending.size >= MOST_TOGETHER) await this.done();
    return { hash, type, bytes: bytes.byteLength };
  }

  /** All of it is on the disk. */
  async done(): Promise<void> {
    const now = this.pending;
    this.pending = new Map();
    this.last = this.last.then(() => write(now));
    await this.last;
  }
}

const MOST_TOGETHER = 100;

async function write(all: Map<string, ArrayBuffer>): Promise<void> {
  if (all.size === 0) return;
  const writing = (await database()).transaction('bytes', 'readwrite');
  await Promise.all([...[...all].map(([hash, bytes]) => writing.store.put(bytes, hash)), writing.done]);
}

export async function bytesOf(part: Part): Promise<ArrayBuffer | undefined> {
  return (await database()).get('bytes', part.hash);
}

/** In place of the one before; what no pack needs any more goes. */
export async function keepPack(pack: Pack, parts: Parts): Promise<void> {
  const { vocabulary } = pack;
  const before = await partsOf(vocabulary);
  const writing = (await database()).transaction(['packs', 'addresses', 'begun'], 'readwrite');
  const addresses = writing.objectStore('addresses');
  const gone = Object.keys(before).filter((address) => !parts[address]);
  const fresh = Object.entries(parts).filter(([address, part]) => before[address]?.hash !== part.hash);
  await Promise.all([
    ...gone.map((address) => addresses.delete([address, vocabulary])),
    ...fresh.map(([address, part]) => addresses.put({ address, vocabulary, ...part })),
    writing.objectStore('packs').put(pack),
    writing.objectStore('begun').delete(vocabulary),
    writing.done,
  ]);
  await clearAway();
}

/** The server has said that it may be kept on. */
export async function keepHeardOf(pack: Pack): Promise<void> {
  await (await database()).put('packs', pack);
}

export async function keepBegun(vocabulary: number, parts: Parts): Promise<void> {
  await (await database()).put('begun', { vocabulary, parts });
}

export const begunOf = async (vocabulary: number) => (await (await database()).get('begun', vocabulary))?.parts ?? {};

export async function dropPacks(which: (pack: Pack) => boolean): Promise<void> {
  const db = await database();
  const going = (await db.getAll('packs')).filter(which);
  if (going.length === 0) return;
  for (const pack of going) {
    await db.delete('packs', pack.vocabulary);
    await db.delete('begun', pack.vocabulary);
    const addresses = db.transaction('addresses', 'readwrite');
    const keys = await addresses.store.index('of').getAllKeys(pack.vocabulary);
    await Promise.all([...keys.map((key) => addresses.store.delete(key)), addresses.done]);
  }
  await clearAway();
}

/** All that is kept of anybody: somebody has signed out. What is still to be sent goes too, as it is a student’s. */
export async function dropAll(): Promise<void> {
  if (!('indexedDB' in globalThis)) return;
  const db = await database();
  await Promise.all([db.clear('packs'), db.clear('addresses'), db.clear('begun'), db.clear('bytes'), db.clear('later')]);
}

/** Bytes that nothing needs: of packs that went, and of one that was begun and cannot be finished. */
export async function clearAway(): Promise<void> {
  const db = await database();
  const begun = (await db.getAll('begun')).flatMap(({ parts }) => Object.values(parts));
  const needed = new Set([...(await db.getAll('addresses')), ...begun].map((part) => part.hash));
  const there = await db.getAllKeys('bytes');
  await Promise.all(there.filter((hash) => !needed.has(hash)).map((hash) => db.delete('bytes', hash)));
}
