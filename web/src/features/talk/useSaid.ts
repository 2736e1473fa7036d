import { useEffect, useMemo } from 'react';
import type { VocabularyView } from '../../api/types';
import { sendLater } from '../../data/later';
import { Gathering } from '../../data/use';

const SEND_MS = 20_000;

/**
 * Gathers what is said while this is talked with, where that was agreed to, and sends it now and then, and when talk is left.
 *
 * @param on false where nothing counts
 */
export function useSaid(view: VocabularyView, account: number, on: boolean): Gathering {
  const agreed = on ? view.student?.useKept : undefined;
  const gathering = useMemo(() => new Gathering({ vocabulary: view.id, account }, agreed), [view.id, account, agreed]);
  useEffect(() => {
    if (agreed !== 'COUNTS' && agreed !== 'MESSAGES') return undefined;
    const send = () =>
      void gathering
        .keep()
        .then(() => sendLater(account))
        .catch(() => undefined);
    const timer = setInterval(send, SEND_MS);
    window.addEventListener('pagehide', send);
    return () => {
      clearInterval(timer);
      window.removeEventListener('pagehide', send);
      send();
    };
  }, [gathering, agreed, account]);
  return gathering;
}
