// @vitest-environment jsdom
import { expect, it } from 'vitest';
import { grouped, offers, offersFor } from './sayings';

const all = offers(
  [
    { id: 'effect/gull', name: 'gull', words: ['seagull'], drawer: 'animals' },
    { id: 'effect/siren', name: 'siren', words: ['fire engine'], drawer: 'on the road' },
  ],
  [
    { purpose: 'to say no', text: 'not again', manner: 'CROSSLY' },
    { purpose: 'to join in', text: 'wait for me', manner: 'SHOUTED' },
  ],
);

it('offers sounds by drawer, then quips by what they are for', () => {
  expect(grouped(all).map(([group, of]) => [group, of.map((o) => o.label)])).toEqual([
    ['sounds animals', ['♪ gull']],
    ['sounds on the road', ['♪ siren']],
    ['quips to say no', ['“not again”']],
    ['quips to join in', ['“wait for me”']],
  ]);
});

it('finds by what begins so before what has it inside, by other words and by the group', () => {
  expect(offersFor(all, 'seag').map((o) => o.key)).toEqual(['effect/gull']);
  expect(offersFor(all, 'again').map((o) => o.key)).toEqual(['quip/not again']);
  expect(offersFor(all, 'to join').map((o) => o.key)).toEqual(['quip/wait for me']);
  expect(offersFor(all, ' ')).toBe(all);
});

it('says a quip in its manner', () => {
  expect(all[2].saying).toEqual({ label: 'not again', kind: 'social', how: { manner: 'CROSSLY', when: 'BOTH' } });
});
