import { describe, expect, it } from 'vitest';
import type { Doing } from '../../api/types';
import { latelyFirst, withLately } from '../../data/lately';
import { turned } from '../../data/dials';
import { button } from '../../testing/plain';
import { linesOf, movedTo, withAt, without } from './doingsOrder';

const lines: Doing[] = [{ type: 'own-word' }, { type: 'clear-message' }, { type: 'say-message' }];
const types = (all: Doing[]) => all.map((d) => d.type);

describe('the lines of what a button says and does', () => {
  it('begin with what it says, unless that is put elsewhere', () => {
    expect(types(linesOf(button('b', 0, 0, { doings: [{ type: 'louder' }] })))).toEqual(['own-word', 'louder']);
    expect(types(linesOf(button('b', 0, 0, { doings: [{ type: 'louder' }, { type: 'own-word' }] })))).toEqual(['louder', 'own-word']);
  });

  it.each([
    [0, 2, ['clear-message', 'own-word', 'say-message']],
    [0, 3, ['clear-message', 'say-message', 'own-word']],
    [2, 0, ['say-message', 'own-word', 'clear-message']],
    [1, 1, ['own-word', 'clear-message', 'say-message']],
    [1, 2, ['own-word', 'clear-message', 'say-message']],
  ])('from place %i before place %i', (from, before, order) => {
    expect(types(movedTo(lines, from, before))).toEqual(order);
  });

  it('are taken out and changed one at a time', () => {
    expect(types(without(lines, 1))).toEqual(['own-word', 'say-message']);
    expect(types(withAt(lines, 1, { type: 'louder' }))).toEqual(['own-word', 'louder', 'say-message']);
  });
});

it('offers what was chosen lately first, the newest before all, and the rest in its order', () => {
  const kept = ['c', 'a'].reduceRight(withLately, ['b']);
  expect(kept).toEqual(['c', 'a', 'b']);
  expect(withLately(['a', 'b', 'c', 'd', 'e', 'f'], 'g')).toEqual(['g', 'a', 'b', 'c', 'd', 'e']);
  expect(latelyFirst(['x', 'a', 'y', 'c'], String, kept)).toEqual(['c', 'a', 'x', 'y']);
});

it('is turned up and down by steps and no further than it goes', () => {
  const usual = { LOUDNESS: 4, RATE: 3 };
  expect(turned(usual, 'LOUDNESS', 1)).toEqual(usual);
  expect(turned(usual, 'LOUDNESS', -9).LOUDNESS).toBe(0);
  expect(turned(usual, 'RATE', 1)).toEqual({ LOUDNESS: 4, RATE: 4 });
});
