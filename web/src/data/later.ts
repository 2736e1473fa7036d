import { client, done, Problem } from '../api/client';
import { database, type Drawn, type Later, type Marked, type Said, type Unsent } from '../pack/store';
import { takeIn } from './pictures';

type Facts = Parameters<typeof takeIn>[1];
type Senders = { [W in Later['what']]: (one: Extract<Later, { what: W }>) => Promise<unknown> };

/** Who sends what was kept for later: a new kind of thing is a line here. */
const SENDERS: Senders = {
  drawn: ({ file, name, facts }: Drawn) => takeIn(new File([file], name, { type: file.type }), facts as Facts),
  said: ({ vocabulary, id, day, words, messages }: Said) =>
    done(client.POST('/api/vocabularies/{vocabulary}/use', { params: { path: { vocabulary } }, body: { id, day, words, messages } })),
  marked: ({ list, day, word, mark }: Marked) => done(client.PUT('/api/lists/{list}/day', { params: { path: { list } }, body: { word, mark, day } })),
};

/** Nobody else’s, on any device; over a connection that is not secure too. */
const newId = () => Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) => byte.toString(16).padStart(2, '0')).join('');

/** One tab at a time, where the browser lets tabs know of each other; the server counts what comes twice once. */
async function oneAtATime(work: () => Promise<void>): Promise<void> {
  return 'locks' in navigator ? navigator.locks.request('sent-later', work) : work();
}

export const canKeepLater = () => 'indexedDB' in globalThis;

/** Keeps it on this device until it is sent. */
export async function keepLater(one: Unsent): Promise<void> {
  await (await database()).put('later', { ...one, id: newId(), at: Date.now() });
}

/** Keeps a drawing: now if there is a network, else as soon as there is one again. @returns whether it is kept on this device until then */
export async function takeInOrLater(file: File, facts: Facts, of: { account: number; vocabulary: number }): Promise<boolean> {
  try {
    await takeIn(file, facts);
    return false;
  } catch (error) {
    if (!(error instanceof Problem) || error.status !== 0) throw error;
    await keepLater({ what: 'drawn', ...of, file, name: file.name, facts });
    return true;
  }
}

/** Still no network, nobody signed in, or the server is in trouble: what the server does not take otherwise would not be taken tomorrow either. */
const isForLater = (error: unknown) => error instanceof Problem && (error.status === 0 || error.status === 401 || error.status >= 500);

const byMoment = (one: Later, other: Later) => (one.at ?? 0) - (other.at ?? 0);

/** Sends what this account has kept on this device, each once, whichever tab comes first; what cannot be sent yet stays. */
export async function sendLater(account: number, senders: Senders = SENDERS): Promise<void> {
  const send = (one: Later) => (senders[one.what] as (one: Later) => Promise<unknown>)(one);
  await oneAtATime(async () => {
    const db = await database();
    for (const one of (await db.getAll('later')).filter((kept) => kept.account === account).sort(byMoment)) {
      try {
        await send(one);
      } catch (error) {
        if (isForLater(error)) break;
      }
      await db.delete('later', one.id);
    }
  });
}
