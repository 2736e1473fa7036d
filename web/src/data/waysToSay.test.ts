import { expect, it } from 'vitest';
import shared from '../../../core/src/test/resources/org/dwimble/core/shared-cases.json';
import { isPhonetic, putSign } from './phonetic';
import { waysToSay, type Given } from './waysToSay';

const { voices: cases, phonetic } = shared as unknown as {
  voices: { given: Given; ways: string[] }[];
  phonetic: { text: string; pieces: [string, boolean][] }[];
};

it.each(cases)('$given is said by $ways, as core has it', ({ given, ways }) => {
  expect(waysToSay(given)).toEqual(ways);
});

it.each(phonetic)('finds in “$text” what is written as it sounds, as core does', ({ text, pieces }) => {
  expect(isPhonetic(text)).toBe(pieces.some(([, sounds]) => sounds));
});

it.each([
  ['', 0, '/ə/', 2],
  ['the wimble', 4, 'the /ə/ wimble', 6],
  ['/wmbl/', 2, '/wəmbl/', 3],
])('puts a sign into “%s” at %i', (text, at, then, goesOn) => {
  expect(putSign(text, at, 'ə')).toEqual({ text: then, at: goesOn });
});
