import { t } from '@lingui/core/macro';
import { answer, client, Problem } from '../api/client';
import type { ShownList, VocabularyView } from '../api/types';
import { notToday } from './dayRun';
import { isOwn, pictureAddress } from './pictureAddress';
import { sentencesOf } from './wordAt';
import { deviceVoices, soundAddress, speechAddress } from './voice';
import {
  begunOf,
  bytesOf,
  clearAway,
  damaged,
  dropPacks,
  isWhole,
  keepBegun,
  Keeping,
  keepHeardOf,
  keepPack,
  packOf,
  partsOf,
  type Pack,
  type Parts,
} from '../pack/store';

const JSON_TYPE = 'application/json';
/** Boards are kept one by one, so that a newer version sends those alone that changed. */
const boardAddress = (vocabulary: number, board: string, revision: number) =>
  `/api/vocabularies/${vocabulary}/boards/${encodeURIComponent(board)}?revision=${revision}`;
/** So many parts are asked for at a time. */
const AT_ONCE = 6;
/** So many words are spoken at a time: the server speaks for those who talk just now, too. */
const SPOKEN_AT_ONCE = 2;
/** So many library drawings come in one answer. */
const DRAWN_AT_ONCE = 300;
const SVG = 'image/svg+xml';
const TRIES = 3;
const TELL_MS = 500;
/** The mark of a pack of which words are still to be spoken: no server’s. */
const UNFINISHED = 'unfinished';
/** More boards than this that changed are asked for all together. */
const FEW = 12;

export interface Progress {
  done: number;
  all: number;
  bytes: number;
}

/** How it went: what is kept now, and whether it is another version than before. */
export interface Made {
  pack: Pack;
  newer: boolean;
}

class ChangedMeanwhile extends Problem {
  constructor() {
    super(409, t`The boards are being changed just now. They are made ready again in a minute; what was kept before is still here.`);
  }
}

/** The device has no room for it. */
export class NoRoom extends Error {}

/** Whether this browser keeps anything: it does over HTTPS, and on the machine itself. */
export const canKeep = () => 'serviceWorker' in navigator && 'indexedDB' in window && window.isSecureContext;

/** Registers what answers where there is no network. @returns false if the browser has none */
export async function beginKeeping(): Promise<boolean> {
  if (!canKeep()) return false;
  try {
    await navigator.serviceWorker.register('/sw.js');
    await navigator.storage?.persist?.().catch(() => false);
    return true;
  } catch {
    return false;
  }
}

/**
 * Makes a vocabulary’s talk pack ready, or brings it to the version in force; one tab at a time. What was kept stays in force until the new one is whole.
 *
 * @throws Problem of status 0 if there is no network; of 403 or 404 if it may not be talked with any more, and then nothing of it is kept
 * @throws NoRoom  if the device has none
 */
export async function makeReady(vocabulary: number, onProgress: (progress: Progress) => void): Promise<Made> {
  const made = await navigator.locks.request(`talk-pack-${vocabulary}`, () => making(vocabulary, onProgress));
  // Without what answers from it, and without the application itself, it would be of no use.
  await navigator.serviceWorker.ready;
  return made;
}

async function making(vocabulary: number, onProgress: (progress: Progress) => void, times = TRIES): Promise<Made> {
  const before = await packOf(vocabulary);
  const had = before ? await partsOf(vocabulary) : {};
  const whole = before !== undefined && (await isGood(vocabulary, had));
  const wanted = await whatToKeep(vocabulary, whole ? before.mark : '');
  if (!wanted && before) {
    const pack = { ...before, heardAt: Date.now() };
    await keepHeardOf(pack);
    return { pack, newer: false };
  }
  if (!wanted) throw new Problem(0, t`The server did not say what to keep.`);
  const parts = new Gathering({ ...(whole ? had : await spared(had)), ...(await begunOf(vocabulary)) }, onProgress);
  try {
    const view = await parts.view(vocabulary);
    await parts.boards(view);
    await parts.documents(view);
    // Somebody may have changed the boards while they came: then they are asked for again, or they would be of two versions.
    if ((await whatToKeep(vocabulary, wanted.mark)) !== undefined) throw new ChangedMeanwhile();
    await parts.seenAndHeard(view, wanted);
    const words = await parts.toBeSpoken(view, wanted);
    // What is seen comes first: a network that goes while words are spoken leaves boards that can be talked with.
    if (parts.lacks(words)) await parts.keep(view, UNFINISHED);
    await parts.spokenBeforehand(words);
    const pack = await parts.keep(view, wanted.mark);
    return { pack, newer: before !== undefined };
  } catch (error) {
    if (error instanceof ChangedMeanwhile && times > 1) return making(vocabulary, onProgress, times - 1);
    if (isFull(error)) {
      await dropPacks((pack) => pack.vocabulary === vocabulary && !whole)
        .then(clearAway)
        .catch(() => undefined);
      throw new NoRoom();
    }
    await parts
      .written()
      .then(() => keepBegun(vocabulary, parts.kept))
      .catch(() => undefined);
    throw error;
  }
}

const isFull = (error: unknown) => error instanceof DOMException && error.name === 'QuotaExceededError';

async function whatToKeep(vocabulary: number, known: string) {
  const { data, response } = await client.GET('/api/vocabularies/{vocabulary}/talk-pack', { params: { path: { vocabulary }, query: { known } } });
  if (response.status === 403 || response.status === 404) {
    await dropPacks((pack) => pack.vocabulary === vocabulary);
    throw new Problem(response.status, t`These boards may not be talked with any more. They were taken off this device.`);
  }
  if (response.status === 401) throw new Problem(401, t`Somebody has to sign in again before newer boards come. Talk goes on with those that are here.`);
  if (!response.ok)
    throw new Problem(response.status, t`The boards could not be made ready for talking without network. They are here as long as there is one.`);
  return response.status === 204 ? undefined : data;
}

/** Which packs were checked by their hashes since the page was opened. */
const checked = new Set<number>();

/** Whether all of a pack is there, and once each time talk is opened whether it is what it was: a disk may spoil it. */
async function isGood(vocabulary: number, parts: Parts): Promise<boolean> {
  if (!(await isWhole(parts))) return false;
  if (checked.has(vocabulary)) return true;
  checked.add(vocabulary);
  return (await damaged(parts)).length === 0;
}

/** Of a pack that is not whole any more what is still good. */
async function spared(parts: Parts): Promise<Parts> {
  const spoilt = new Set(await damaged(parts));
  return Object.fromEntries(Object.entries(parts).filter(([address]) => !spoilt.has(address)));
}

type Wanted = NonNullable<Awaited<ReturnType<typeof whatToKeep>>>;

/** Gathers the parts of one pack; what is known already is not asked for. */
class Gathering {
  readonly kept: Parts = {};
  account = 0;
  /** What is read aloud of the lists that are shown over the boards, as it is read: sentence by sentence. */
  private readonly read: (Pick<ShownList, 'language' | 'voice'> & { text: string })[] = [];
  private readonly keeping = new Keeping();
  /** Pictures that day words bring. */
  private ofDays: string[] = [];
  private done = 0;
  private told = -Infinity;
  private all = 1;
  private bytes = 0;

  constructor(
    private readonly known: Parts,
    private readonly onProgress: (progress: Progress) => void,
  ) {}

  async view(vocabulary: number): Promise<VocabularyView> {
    const session = await answer(client.GET('/api/session'));
    this.account = session.account?.id ?? 0;
    await this.write('/api/session', session);
    const view = await answer(client.GET('/api/vocabularies/{vocabulary}', { params: { path: { vocabulary } } }));
    await this.write(`/api/vocabularies/${vocabulary}`, view);
    return view;
  }

  async boards(view: VocabularyView): Promise<void> {
    const path = { vocabulary: view.id };
    const addressed = view.boards.map((line) => ({ line, address: boardAddress(view.id, line.id, line.revision) }));
    const missing = addressed.filter(({ address }) => !this.take(address));
    if (missing.length <= FEW) {
      for (const { line, address } of missing) {
        const query = { revision: line.revision };
        const board = await answer(client.GET('/api/vocabularies/{vocabulary}/boards/{board}', { params: { path: { ...path, board: line.id }, query } }));
        await this.write(address, board);
      }
    } else {
      const all = new Map((await answer(client.GET('/api/vocabularies/{vocabulary}/boards', { params: { path } }))).map((b) => [b.id, b]));
      for (const { line, address } of missing) await this.write(address, all.get(line.id));
    }
    // All together as they are asked for, so that opening them is one reading.
    await this.written();
    const each = await Promise.all(addressed.map(async ({ address }) => new TextDecoder().decode(await bytesOf(this.kept[address]))));
    await this.put(`/api/vocabularies/${view.id}/boards`, new TextEncoder().encode(`[${each.join(',')}]`).buffer, JSON_TYPE);
  }

  async documents({ id, locale }: VocabularyView): Promise<void> {
    const own = `/api/vocabularies/${id}`;
    // Each may change without the boards.
    for (const address of [`${own}/revealed`, `${own}/word-forms`, `/api/voices?language=${encodeURIComponent(locale)}`]) await this.fetched(address);
    const days = await answer(client.GET('/api/vocabularies/{vocabulary}/day-words', { params: { path: { vocabulary: id } } }));
    await this.write(`${own}/day-words`, days);
    this.ofDays = days.periods.flatMap((period) => Object.values(period.words).flatMap((said) => said.picture ?? []));
  }

  async seenAndHeard(view: VocabularyView, wanted: Wanted): Promise<void> {
    const art = { art: view.art, vocabulary: view.id };
    await this.drawn(
      [...wanted.pictures, ...this.ofDays].filter((picture) => !isOwn(picture)),
      view.art,
    );
    const addresses = [...wanted.pictures, ...this.ofDays].map((picture) => pictureAddress(picture, art));
    addresses.push(...wanted.sounds.map((sound) => soundAddress(sound, view.id)));
    for (const list of wanted.lists) addresses.push(...(await this.list(list, view.id)));
    await this.fetchAll([...new Set(addresses)], AT_ONCE);
  }

  /** Where all that is said of it is heard; nothing where the device has a voice of its own. */
  async toBeSpoken(view: VocabularyView, wanted: Wanted): Promise<string[]> {
    if (!(await needsOurVoice(view))) return [];
    const how = { locale: view.locale, voice: view.student?.voice };
    const words = wanted.spoken.map(({ text, manner }) => speechAddress({ ...how, spoken: text, manner }));
    const read = this.read.map(({ language, voice, text }) => speechAddress({ locale: language, voice: voice ?? undefined, spoken: text }));
    return [...new Set([...words, ...read])];
  }

  lacks(addresses: string[]): boolean {
    return addresses.some((address) => !this.known[address]);
  }

  spokenBeforehand(addresses: string[]): Promise<void> {
    return this.fetchAll(addresses, SPOKEN_AT_ONCE);
  }

  /** As it is now, under this mark; while it is not finished with all that was there before. */
  async keep(view: VocabularyView, mark: string): Promise<Pack> {
    const now = Date.now();
    const parts = mark === UNFINISHED ? { ...this.known, ...this.kept } : this.kept;
    const bytes = Object.values(parts).reduce((sum, part) => sum + part.bytes, 0);
    const { id, version, student, name } = view;
    const pack: Pack = { vocabulary: id, mark, version, name: student?.name ?? name, account: this.account, madeAt: now, heardAt: now, bytes };
    await this.written();
    await keepPack(pack, parts);
    return pack;
  }

  /** A list that is shown over a board; none if it may not be seen. @returns the addresses of its pictures */
  private async list(list: number, vocabulary: number): Promise<string[]> {
    const address = `/api/lists/${list}/showing?vocabulary=${vocabulary}`;
    const shown = await fetch(address);
    if (!shown.ok) return [];
    const read = (await shown.json()) as ShownList;
    await this.write(address, read);
    const { words, art, language, voice } = read;
    const { remarks } = read.showing.book;
    const changed = read.showing.as === 'DAY' ? words.map(({ text }) => notToday(text)) : [];
    const texts = [...words.map(({ text }) => text), ...remarks.map(({ text }) => text), ...changed].flatMap(sentencesOf);
    this.read.push(...texts.map((text) => ({ language, voice, text })));
    const pictures = [...words.flatMap((word) => word.pictures), ...remarks.flatMap((remark) => remark.picture ?? [])];
    return pictures.map((picture) => pictureAddress(picture, { art, list }));
  }

  /** Library drawings, many in one answer. */
  private async drawn(pictures: string[], appearance: string): Promise<void> {
    const addressed = new Map(pictures.map((picture) => [picture, pictureAddress(picture, { art: appearance })]));
    const missing = [...addressed].filter(([, address]) => !this.take(address)).map(([picture]) => picture);
    this.all = this.done + missing.length;
    for (let i = 0; i < missing.length; i += DRAWN_AT_ONCE) {
      const asked = missing.slice(i, i + DRAWN_AT_ONCE);
      const drawings = await answer(client.POST('/api/pictures/drawings', { body: { appearance, pictures: asked } }));
      for (const [picture, svg] of Object.entries(drawings)) await this.put(addressed.get(picture)!, new TextEncoder().encode(svg).buffer, SVG);
      this.done += asked.length;
      this.tell();
    }
  }

  private async fetchAll(addresses: string[], atOnce: number): Promise<void> {
    const missing = addresses.filter((address) => !this.take(address));
    this.all = this.done + missing.length;
    const next = missing.values();
    const one = async () => {
      for (const address of next) {
        await this.fetched(address);
        this.done += 1;
        this.tell();
      }
    };
    await Promise.all(Array.from({ length: atOnce }, one));
  }

  written(): Promise<void> {
    return this.keeping.done();
  }

  /** Not with each part: telling takes longer than some of them do. */
  private tell(): void {
    const now = performance.now();
    if (now - this.told < TELL_MS) return;
    this.told = now;
    this.onProgress({ done: this.done, all: this.all, bytes: this.bytes });
  }

  /** What the server does not have is left out: a picture that is gone is gone with a network too. */
  private async fetched(address: string): Promise<void> {
    const response = await fetch(address).catch(() => {
      throw new Problem(0, t`The network went while the boards were made ready. What came is kept, and it goes on when there is one.`);
    });
    if (response.status >= 500) throw new Problem(response.status, t`The server could not send all of it. It is tried again by itself.`);
    if (response.ok) await this.put(address, await response.arrayBuffer(), response.headers.get('content-type') ?? 'application/octet-stream');
  }

  private write(address: string, value: unknown): Promise<void> {
    return this.put(address, new TextEncoder().encode(JSON.stringify(value)).buffer, JSON_TYPE);
  }

  private async put(address: string, bytes: ArrayBuffer, type: string): Promise<void> {
    this.kept[address] = await this.keeping.keep(bytes, type);
    this.bytes += bytes.byteLength;
  }

  private take(address: string): boolean {
    const part = this.kept[address] ?? this.known[address];
    if (part) this.kept[address] = part;
    return part !== undefined;
  }
}

/** Whether words are said by Dwimble’s own voice here: chosen for the student, or because the device has none. */
async function needsOurVoice({ locale, student }: VocabularyView): Promise<boolean> {
  return student?.voice?.where === 'OURS' || (await deviceVoices(locale)).length === 0;
}
