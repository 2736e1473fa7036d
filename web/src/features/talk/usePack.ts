import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';
import { Problem } from '../../api/client';
import { sendLater } from '../../data/later';
import { beginKeeping, makeReady, NoRoom, type Progress } from '../../data/talkPacks';
import { packOf, type Pack } from '../../pack/store';

const AGAIN_MS = 60_000;

/** How it stands with talking without network. */
export type Readiness =
  | { is: 'unknown' }
  /** The browser keeps nothing, or not over this connection. */
  | { is: 'not here' }
  | { is: 'being made'; progress?: Progress }
  | { is: 'ready'; pack: Pack }
  /** There is no network now. */
  | { is: 'without network'; pack?: Pack }
  | { is: 'no room' }
  | { is: 'not made'; told: string };

// How it stands is told while talk goes on: it is nobody's state but of those who show it, so that no board is drawn anew for it.
let now: Readiness = { is: 'unknown' };
const told = new Set<() => void>();
function tell(readiness: Readiness) {
  now = readiness;
  told.forEach((tells) => tells());
}
const listen = (tells: () => void) => {
  told.add(tells);
  return () => void told.delete(tells);
};

export const useReadiness = () => useSyncExternalStore(listen, () => now);

/** Keeps the talk pack of a vocabulary ready while it is talked with, and sends what was kept for later. @param on false where nothing is to be kept */
export function usePack(vocabulary: number, account: number, on: boolean): void {
  const queries = useQueryClient();
  useEffect(() => {
    if (!on) return undefined;
    let gone = false;
    let timer: ReturnType<typeof setTimeout>;
    tell({ is: 'unknown' });
    const set = (readiness: Readiness) => !gone && tell(readiness);
    async function look() {
      clearTimeout(timer);
      try {
        const { pack, newer } = await makeReady(vocabulary, (progress) => set({ is: 'being made', progress }));
        set({ is: 'ready', pack });
        if (newer) void queries.invalidateQueries({ queryKey: ['vocabulary', vocabulary] });
        await sendLater(account);
      } catch (error) {
        set(await asReadiness(error));
      }
      // What has no room now has none in a minute.
      if (!gone && now.is !== 'no room') timer = setTimeout(() => void look(), AGAIN_MS);
    }
    const asReadiness = async (error: unknown): Promise<Readiness> => {
      if (error instanceof NoRoom) return { is: 'no room' };
      if (!(error instanceof Problem)) return { is: 'not here' };
      if (error.status === 0) return { is: 'without network', pack: await packOf(vocabulary) };
      if (error.status === 403 || error.status === 404) void queries.invalidateQueries({ queryKey: ['vocabulary', vocabulary] });
      return { is: 'not made', told: error.message };
    };
    const again = () => void look();
    void beginKeeping().then((keeps) => {
      if (!keeps) return set({ is: 'not here' });
      window.addEventListener('online', again);
      window.addEventListener('offline', again);
      return look();
    });
    return () => {
      gone = true;
      clearTimeout(timer);
      window.removeEventListener('online', again);
      window.removeEventListener('offline', again);
    };
  }, [vocabulary, account, queries, on]);
}
