import { queryOptions } from '@tanstack/react-query';
import { answer, client } from '../api/client';
import type { components } from '../api/schema.gen';

export type Effect = components['schemas']['Effect'];

/** The sound effects that ship, in their drawers. */
export const effects = queryOptions({ queryKey: ['effects'], queryFn: () => answer(client.GET('/api/effects')), staleTime: Infinity });

export const isEffect = (sound: string) => sound.startsWith('effect/');

/** Those a text looks for: by name first, then by what else they are looked for by, then by their drawer. All for no text. */
export function effectsFor(all: Effect[], typed: string): Effect[] {
  const sought = typed.trim().toLowerCase();
  if (!sought) return all;
  const rank = (e: Effect) => {
    if (e.name.startsWith(sought)) return 0;
    // What it is looked for by first is what it is most.
    const word = e.words.findIndex((w) => w.startsWith(sought));
    if (word >= 0 || e.name.includes(sought)) return 1 + Math.max(0, word) / e.words.length;
    return e.drawer.includes(sought) ? 2 : 3;
  };
  return all
    .map((e) => ({ e, rank: rank(e) }))
    .filter(({ rank }) => rank < 3)
    .sort((a, b) => a.rank - b.rank)
    .map(({ e }) => e);
}

/** In their drawers. */
export function inDrawers(all: Effect[]): [drawer: string, of: Effect[]][] {
  const drawers = new Map<string, Effect[]>();
  for (const effect of all) drawers.set(effect.drawer, [...(drawers.get(effect.drawer) ?? []), effect]);
  return [...drawers];
}

export type Quip = components['schemas']['Quip'];

/** Short things to say that are ready, by what they are for. */
export const quips = queryOptions({ queryKey: ['quips'], queryFn: () => answer(client.GET('/api/quips')), staleTime: Infinity });
