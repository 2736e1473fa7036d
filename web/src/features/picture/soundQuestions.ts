import { plural, t } from '@lingui/core/macro';
import type { Phone, Said } from '../../api/types';
import type { SoundsHow } from '../../data/pictures';

/** `fixed`: the sound was chosen by itself and not by the word typed, so another word does not end it. */
export interface SoundAsk {
  how: SoundsHow;
  phone?: string;
  shape?: string;
  count?: number;
  fixed?: boolean;
}

export const soundName = (p: Phone) => t`${p.spelt} as in ${p.example}`;

/** What can be asked without a word: a sound in a place, a shape, a number of syllables. As the groups of a list; `value` is what {@link fixedAsk} reads. */
export function fixedQuestions(phones: Phone[]): { label: string; options: { value: string; label: string }[] }[] {
  const places = [
    ['STARTS', t`starts with`],
    ['ENDS', t`ends with`],
    ['INSIDE', t`has inside`],
  ] as const;
  return [
    ...places.map(([how, words]) => ({ label: words, options: phones.map((p) => ({ value: `${how} ${p.code}`, label: `${words} ${soundName(p)}` })) })),
    {
      label: t`shape (C consonant, V vowel)`,
      options: ['CV', 'VC', 'CVC', 'CCVC', 'CVCC', 'CCV', 'CVCV', 'CVCVC'].map((s) => ({ value: `SHAPE ${s}`, label: t`has the shape ${s}` })),
    },
    {
      label: t`syllables`,
      options: [1, 2, 3, 4, 5].map((n) => ({ value: `SYLLABLES ${n}`, label: plural(n, { one: 'has # syllable', other: 'has # syllables' }) })),
    },
  ];
}

export function fixedAsk(value: string): SoundAsk {
  const [how, what] = value.split(' ') as [SoundsHow, string];
  if (how === 'SHAPE') return { how, shape: what, fixed: true };
  return how === 'SYLLABLES' ? { how, count: Number(what), fixed: true } : { how, phone: what, fixed: true };
}

/** What can be asked about the sound of a word that is said so; nothing if it is not known how. */
export function questions(said: Said | undefined): { words: string; ask: SoundAsk }[] {
  if (!said) return [];
  const { phones } = said;
  const inside = phones.slice(1, -1).filter((p, i, all) => all.findIndex((q) => q.code === p.code) === i);
  return [
    { words: t`rhymes`, ask: { how: 'RHYMES' } },
    { words: t`starts with ${phones[0].spelt}`, ask: { how: 'STARTS', phone: phones[0].code } },
    { words: t`ends with ${phones.at(-1)!.spelt}`, ask: { how: 'ENDS', phone: phones.at(-1)!.code } },
    ...inside.slice(0, 3).map((p) => ({ words: t`has ${p.spelt} inside`, ask: { how: 'INSIDE' as const, phone: p.code } })),
    { words: t`one sound apart`, ask: { how: 'ONE_APART' } },
    { words: t`same shape: ${said.shape}`, ask: { how: 'SHAPE' } },
    { words: plural(said.syllables, { one: '# syllable', other: '# syllables' }), ask: { how: 'SYLLABLES' } },
  ];
}
