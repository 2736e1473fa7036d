import type { Phone, Said } from '../../api/types';
import type { SoundsHow } from './pictures';

/** `fixed`: the sound was chosen by itself and not by the word typed, so another word does not end it. */
export interface SoundAsk { how: SoundsHow; phone?: string; fixed?: boolean }

export const soundName = (p: Phone) => `${p.spelt} as in ${p.example}`;

/** What can be asked about the sound of a word that is said so; nothing if it is not known how. */
export function questions(said: Said | undefined): { words: string; ask: SoundAsk }[] {
  if (!said) return [];
  const { phones } = said;
  const inside = phones.slice(1, -1).filter((p, i, all) => all.findIndex((q) => q.code === p.code) === i);
  return [
    { words: 'rhymes', ask: { how: 'RHYMES' } },
    { words: `starts with ${phones[0].spelt}`, ask: { how: 'STARTS', phone: phones[0].code } },
    { words: `ends with ${phones.at(-1)!.spelt}`, ask: { how: 'ENDS', phone: phones.at(-1)!.code } },
    ...inside.slice(0, 3).map((p) => ({ words: `has ${p.spelt} inside`, ask: { how: 'INSIDE' as const, phone: p.code } })),
    { words: 'one sound apart', ask: { how: 'ONE_APART' } },
    { words: `same shape: ${said.shape}`, ask: { how: 'SHAPE' } },
    { words: said.syllables === 1 ? '1 syllable' : `${said.syllables} syllables`, ask: { how: 'SYLLABLES' } },
  ];
}
