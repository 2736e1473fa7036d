import { expect, it } from 'vitest';
import { wordsMade } from './saidWords';
import type { Token } from './talk';

/** A word, or with a hyphen behind it letters that are still being spelt. */
const message = (...words: string[]): Token[] => words.map((text) => ({ text: text.replace(/-$/, ''), layers: [], spelled: text.endsWith('-') || undefined }));

it.each([
  { about: 'added', before: message('I'), now: message('I', 'want'), made: ['want'] },
  { about: 'letters are none yet', before: message('I'), now: message('I', 'pi-'), made: [] },
  { about: 'spelt to its end', before: message('I', 'pie-'), now: message('I', 'pie'), made: ['pie'] },
  { about: 'offered in place of its letters', before: message('I', 'pi-'), now: message('I', 'pie'), made: ['pie'] },
  { about: 'a word after one that was spelt counts both', before: message('pie-'), now: message('pie', 'more'), made: ['pie', 'more'] },
  { about: 'another form is the same word', before: message('I', 'go'), now: message('I', 'went'), made: [] },
  { about: 'taken off', before: message('I', 'go'), now: message('I'), made: [] },
  { about: 'cleared while it was spelt', before: message('I', 'pie-'), now: [], made: ['pie'] },
  { about: 'cleared', before: message('I', 'go'), now: [], made: [] },
])('$about', ({ before, now, made }) => expect(wordsMade(before, now)).toEqual(made));
