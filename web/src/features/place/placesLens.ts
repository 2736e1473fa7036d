import { t } from '@lingui/core/macro';
import type { Comparison } from '../../api/types';
import { on, TAGS, wasAt } from '../../data/places';
import { keyOf } from '../../data/cells';
import type { Lens } from '../../drawn/overlay';

/** What moved on a board is bright with where it was, all else is faint; what went leaves its name in the cell. */
export const placesLens =
  (compared: Comparison): Lens =>
  (_, board) => {
    const overlays = new Map<string, ReturnType<Lens> extends Map<string, infer O> ? O : never>();
    const fates = new Map(compared.words.map((w) => [w.button, w]));
    for (const b of board.buttons) {
      const word = fates.get(b.id);
      const moved = word && word.fate !== 'HELD' && word.fate !== 'SHOWN';
      overlays.set(
        keyOf(b.cell),
        moved
          ? {
              classes: [],
              ...(word.fate === 'MOVED' ? { note: wasAt(word, board.id) } : { tag: TAGS[word.fate] }),
              told: `${TAGS[word.fate]}, ${wasAt(word, board.id)}`,
            }
          : { classes: ['waitingWord'], tag: word ? TAGS[word.fate] : undefined, told: word ? TAGS[word.fate] : t`kept its place` },
      );
    }
    for (const word of compared.words) {
      if (word.was && word.fate === 'GONE' && on(word.was, board.id))
        overlays.set(keyOf(word.was.cell), { classes: [], note: t`${word.text} was here`, told: t`${word.text} was here` });
      if (word.was && word.is && word.fate === 'MOVED' && on(word.was, board.id) && !overlays.has(keyOf(word.was.cell)))
        overlays.set(keyOf(word.was.cell), { classes: [], note: t`${word.text} was here`, told: t`${word.text} was here` });
    }
    return overlays;
  };
