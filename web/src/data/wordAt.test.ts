import { describe, expect, it } from 'vitest';
import { sentencesOf, wordAt, wordOfLetter } from './wordAt';

describe('the word that is spoken', () => {
  it('is the first at the beginning and the last at the end', () => {
    expect(wordAt('The seal sleeps.', 0)).toBe(0);
    expect(wordAt('The seal sleeps.', 1)).toBe(2);
    expect(wordAt('seal', 0.5)).toBe(0);
  });
  it('takes longer where it is longer', () => {
    const text = 'a remarkably';
    const at = [0.05, 0.15, 0.3, 0.9].map((part) => wordAt(text, part));
    expect(at).toEqual([0, 0, 1, 1]);
  });
  it('waits at a stop', () => {
    expect(wordAt('Look. Here', 0.6)).toBe(0);
    expect(wordAt('Look Here', 0.6)).toBe(1);
  });
  it('is that of the letter a voice tells of', () => {
    expect([0, 3, 4, 9].map((letter) => wordOfLetter('The seal sleeps', letter))).toEqual([0, 0, 1, 2]);
  });
  it('is read sentence by sentence', () => {
    expect(sentencesOf('Look! The ferry comes. “All aboard!” We go')).toEqual(['Look!', 'The ferry comes.', '“All aboard!”', 'We go']);
    expect(sentencesOf('no stop at all')).toEqual(['no stop at all']);
    expect(sentencesOf('')).toEqual([]);
  });
});
