import { expect, it } from 'vitest';
import type { Phone } from '../../api/types';
import { fixedAsk, fixedQuestions, questions } from './soundQuestions';

const phone = (code: string, spelt: string): Phone => ({ code, spelt, ipa: spelt, example: spelt, vowel: false });

it('asks about the sounds of the word, each once, and not about letters', () => {
  const asked = questions({ ipa: '/kaɪt/', spelt: 'k·eye·t', shape: 'CVC', syllables: 1, phones: [phone('K', 'k'), phone('AY', 'eye'), phone('T', 't')] });
  expect(asked.map((q) => q.words)).toEqual(['rhymes', 'starts with k', 'ends with t', 'has eye inside', 'one sound apart', 'same shape: CVC', '1 syllable']);
  expect(asked[2].ask).toEqual({ how: 'ENDS', phone: 'T' });
});

it('asks nothing about a word nobody knows how to say', () => expect(questions(undefined)).toEqual([]));

it('reads back every question that needs no word', () => {
  const values = fixedQuestions([phone('K', 'k')]).flatMap((g) => g.options.map((o) => o.value));
  expect(values).toContain('STARTS K');
  expect(fixedAsk('STARTS K')).toEqual({ how: 'STARTS', phone: 'K', fixed: true });
  expect(fixedAsk('SHAPE CVC')).toEqual({ how: 'SHAPE', shape: 'CVC', fixed: true });
  expect(fixedAsk('SYLLABLES 3')).toEqual({ how: 'SYLLABLES', count: 3, fixed: true });
});
