import { expect, it } from 'vitest';
import type { Growth } from '../../api/types';
import { asWord, keyOf, mostSaidFirst } from './growing';

const one = (label: string, times: number) => ({ board: 'home', word: { id: label, label }, kin: { id: `${label}s` }, from: null, times }) as unknown as Growth;

it('lets what is said most grow first, and leaves those alike as they were proposed', () => {
  expect(mostSaidFirst([one('eat', 0), one('crab', 0), one('drink', 40), one('play', 7)]).map((o) => o.word.label)).toEqual(['drink', 'play', 'eat', 'crab']);
});

it('asks for a board that is here without naming a source', () => {
  expect(asWord(one('drink', 1), false)).toEqual({ board: 'home', button: 'drink', from: undefined, kin: 'drinks', firstSays: false });
  expect(keyOf(one('drink', 1))).not.toBe(keyOf(one('eat', 1)));
});
