import { dialled, turn } from '../data/dials';
import { hear, hush, takeTurn } from '../data/voice';
import type { StudentVoice } from '../data/waysToSay';
import type { Performed } from './effects';

/** Where and for whom it is performed. */
interface Where {
  vocabulary: number;
  /** The language of what is said. */
  locale: string;
  /** Chosen for the student. */
  voice?: StudentVoice;
  /** What is heard just now, as it is read. */
  onSaying?: (text: string) => void;
  /** The next piece is about to be said. */
  onPiece?: () => void;
  /** Which word of what is said is spoken just now, by its place. */
  onWord?: (place: number) => void;
  /** The button’s pad is to be drawn on; nothing where there is none. */
  onPad?: () => void;
  /** A list is shown over the board; nothing where none is shown. */
  onShow?: (list: number) => void;
  /** Whose turn it is changes; nothing where nobody takes turns. */
  onNextTurn?: () => void;
}

type Performer<P extends Performed> = (effect: P, where: Where) => Promise<void> | void;

/** Who performs what: talk, trying out on the bench, and whatever else taps a button, all do it by these. */
const performers: { [W in Performed['what']]: Performer<Extract<Performed, { what: W }>> } = {
  say: (effect, where) => {
    if (effect.text) where.onSaying?.(effect.text);
    where.onPiece?.();
    return hear({ ...effect, ...where, ...dialled(where.vocabulary) });
  },
  stop: () => hush(),
  pad: (_, where) => where.onPad?.(),
  'next turn': (_, where) => where.onNextTurn?.(),
  show: (effect, where) => where.onShow?.(effect.list),
  turn: (effect, where) => turn(where.vocabulary, effect.dial, effect.steps),
};

const silent = new Set<Performed['what']>(['turn', 'pad', 'next turn', 'show']);

/** Performs all in order. What is said next silences what still is, and that ends quietly; turning up or down silences nothing. */
export async function perform(all: Performed[], where: Where): Promise<void> {
  const mine = all.every((effect) => silent.has(effect.what)) ? () => true : takeTurn();
  for (const effect of all) {
    await (performers[effect.what] as Performer<Performed>)(effect, where);
    if (!mine()) return;
  }
}
