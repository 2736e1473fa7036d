import { useEffect, useRef } from 'react';
import { hear, hush } from '../../data/voice';

/** While somebody goes through a list of sounds by keys, each is heard; what the list shows by itself is not. */
export function useSoundsByKeys() {
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
    /** Plays what the keys are on, if it is a sound. */
    playSound: (value: unknown) => {
      if (keyed.current && typeof value === 'string' && value.startsWith('effect/'))
        void hear({ spoken: '', locale: 'en', sound: value }).catch(() => undefined);
    },
  };
}
