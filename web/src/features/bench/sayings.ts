import { t } from '@lingui/core/macro';
import type { Saying } from '../../api/types';
import { inDrawers, type Effect, type Quip } from '../../data/effects';

/** A sound or a quip as an empty cell offers it. */
export interface Offer {
  key: string;
  label: string;
  /** What it is looked for by. */
  words: string[];
  group: string;
  saying: Saying;
}

const soundOffer = (e: Effect): Offer => ({
  key: e.id,
  label: `♪ ${e.name}`,
  words: [e.name, ...e.words, e.drawer],
  group: t`sounds ${e.drawer}`,
  saying: { label: e.name, kind: 'thing', sound: e.id },
});

const quipOffer = (q: Quip): Offer => ({
  key: `quip/${q.text}`,
  label: `“${q.text}”`,
  words: [q.text, q.purpose],
  group: t`quips ${q.purpose}`,
  saying: { label: q.text, kind: 'social', how: { manner: q.manner, when: 'BOTH' } },
});

/** All there are, sounds by drawer, then quips by what they are for. */
export const offers = (effects: Effect[], quips: Quip[]): Offer[] => [...inDrawers(effects).flatMap(([, of]) => of.map(soundOffer)), ...quips.map(quipOffer)];

/** Those a text looks for: what begins with it first, and of those what is called so before what is also looked for so. All for no text. */
export function offersFor(all: Offer[], typed: string): Offer[] {
  const sought = typed.trim().toLowerCase();
  if (!sought) return all;
  return all
    .map((offer) => {
      const words = offer.words.map((w) => w.toLowerCase());
      const begins = words.findIndex((w) => w.startsWith(sought));
      return { offer, place: begins >= 0 ? begins : words.some((w) => w.includes(sought)) ? LATER : undefined };
    })
    .filter((found): found is { offer: Offer; place: number } => found.place !== undefined)
    .sort((a, b) => a.place - b.place)
    .map(({ offer }) => offer);
}

/** Behind all that begin with it. */
const LATER = 100;

/** In their groups, in order. */
export function grouped(all: Offer[]): [group: string, of: Offer[]][] {
  const groups = new Map<string, Offer[]>();
  for (const offer of all) groups.set(offer.group, [...(groups.get(offer.group) ?? []), offer]);
  return [...groups];
}
