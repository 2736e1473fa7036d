import { useCallback, useState } from 'react';
import { sentence } from '../../api/client';
import type { ShownList } from '../../api/types';
import { hear, takeTurn } from '../../data/voice';
import { sentencesOf, wordsIn } from '../../data/wordAt';

/** So long a picture without words is looked at, before what comes by itself comes. */
const SILENT_MS = 2500;

/** Reads aloud, sentence by sentence, with the word that is spoken. */
export function useReading({ language, voice }: ShownList) {
  const [lit, setLit] = useState<number>();
  const [notice, setNotice] = useState('');
  /** @returns whether it was read to its end */
  const read = useCallback(
    async (text: string): Promise<boolean> => {
      const mine = takeTurn();
      setNotice('');
      let before = 0;
      if (!text) {
        await new Promise((over) => setTimeout(over, SILENT_MS));
        return mine();
      }
      try {
        for (const spoken of sentencesOf(text)) {
          const first = before;
          before += wordsIn(spoken).length;
          await hear({ spoken, locale: language, voice: voice ?? undefined, onWord: (place) => mine() && setLit(first + place) });
          if (!mine()) return false;
        }
      } catch (error) {
        if (mine()) setNotice(sentence(error));
      }
      if (mine()) setLit(undefined);
      return mine();
    },
    [language, voice],
  );
  const stop = useCallback(() => {
    takeTurn();
    setLit(undefined);
  }, []);
  return { lit, notice, read, stop };
}
