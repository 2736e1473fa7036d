import { database, type Later } from '../pack/store';
import { Problem } from '../api/client';
import { takeIn } from './pictures';

type Facts = Parameters<typeof takeIn>[1];

/** Keeps a drawing: now if there is a network, else as soon as there is one again. @returns whether it is kept on this device until then */
export async function takeInOrLater(file: File, facts: Facts, of: { account: number; vocabulary: number }): Promise<boolean> {
  try {
    await takeIn(file, facts);
    return false;
  } catch (error) {
    if (!(error instanceof Problem) || error.status !== 0) throw error;
    await (await database()).put('later', { id: crypto.randomUUID(), ...of, file, facts });
    return true;
  }
}

/** Sends what was kept while there was no network, each once, whichever tab comes first. @returns how many were sent */
export async function sendLater(account: number, send: typeof takeIn = takeIn): Promise<number> {
  return navigator.locks.request('sent-later', async () => {
    const db = await database();
    let sent = 0;
    for (const one of (await db.getAll('later')).filter((kept: Later) => kept.account === account)) {
      try {
        await send(new File([one.file], (one.file as Partial<File>).name ?? 'drawing.png', { type: one.file.type }), one.facts as Facts);
        sent += 1;
      } catch (error) {
        // Still no network: it stays. What the server does not take would not be taken tomorrow either.
        if (error instanceof Problem && (error.status === 0 || error.status === 401 || error.status >= 500)) break;
      }
      await db.delete('later', one.id);
    }
    return sent;
  });
}
