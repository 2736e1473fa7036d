import { useEffect, useRef } from 'react';
import type { VocabularyView } from '../../api/types';
import { hear, hush } from '../../data/voice';

/** While somebody goes through a list of sounds by keys, each is heard; what the list shows by itself is not. */
export function useSoundsByKeys(view: Pick<VocabularyView, 'id' | 'locale' | 'student'>) {
  const keyed = useRef(false);
  useEffect(() => {
    const keys = (event: KeyboardEvent) => {
      keyed.current = event.key === 'ArrowDown' || event.key === 'ArrowUp';
    };
    window.addEventListener('keydown', keys, true);
    return () => {
      window.removeEventListener('keydown', keys, true);
      hush();
    };
  }, []);
  return {
    /** Plays what the keys are on: a sound by its id, a quip as it is spelt. */
    playSound: (value: unknown) => {
      if (!keyed.current || typeof value !== 'string' || !value.includes('/') || value.startsWith('day/')) return;
      const [what, text] = [value.slice(0, value.indexOf('/')), value.slice(value.indexOf('/') + 1)];
      const how = { locale: view.locale, vocabulary: view.id, voice: view.student?.voice };
      void hear(what === 'quip' ? { spoken: text, ...how } : { spoken: '', sound: value, ...how }).catch(() => undefined);
    },
  };
}
