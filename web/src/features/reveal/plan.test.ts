import { describe, expect, it, vi } from 'vitest';
import type { Board, Button, Plan, Revealed, VocabularyView } from '../../api/types';
import { tickedFirst } from '../../data/facts';
import { painted, whyKept } from '../../data/plan';
import { revealLens } from './revealLens';
import { targetsOf } from './targets';
import { button as plain } from '../../testing/plain';

// What asks the server is in the same files; nothing is asked here.
vi.hoisted(() => vi.stubGlobal('window', { location: { origin: 'http://localhost' } }));

const button = (id: string, column: number, more: Partial<Button> = {}) => plain(id, 0, column, more);
const board = (...buttons: Button[]): Board => ({ id: 'home', name: 'Home', rows: 1, columns: 6, heights: [], widths: [], look: {}, buttons });
const plan: Plan = {
  at: 1,
  steps: [
    { id: 'a', name: 'First', moves: 0, lays: 0 },
    { id: 'b', name: 'Second', moves: 0, lays: 0 },
  ],
};
const here = board(
  button('I', 0, { step: 'a' }),
  button('want', 1, { step: 'b' }),
  button('go', 2),
  button('home', 3, { leads: { type: 'home' } }),
  button('egg', 4, { hidden: true }),
);
const revealed: Revealed = { kept: { want: 'WAITS', go: 'WAITS', egg: 'HELD' }, leadsNowhereYet: [] };

describe('targets of a plan', () => {
  it.each([
    ['8 words, then 20, then 50, then all', [8, 20, 50, 0]],
    ['8', [8]],
    ['all', [0]],
    ['4 then ALL', [4, 0]],
  ])('%s', (text, targets) => expect(targetsOf(text)).toEqual(targets));
  it.each(['', 'a few', '8, 8', '20 then 8', 'all, then 8'])('%s are none', (text) => expect(targetsOf(text)).toBeUndefined());
});

describe('the reveal lens', () => {
  const over = revealLens(plan, revealed)({} as VocabularyView, here);
  it('says of each word what keeps it back, and numbers steps', () => {
    expect(over.get('0-0')).toMatchObject({ classes: [], badge: { text: '1' }, told: 'shown since step 1' });
    expect(over.get('0-1')).toMatchObject({ classes: ['waitingWord'], badge: { text: '2' }, told: 'waits for step 2, Second' });
    expect(over.get('0-2')).toMatchObject({ told: 'waits: it is in no step' });
    expect(over.get('0-4')).toMatchObject({ badge: { text: 'held' }, told: 'held back' });
    expect(over.has('0-3')).toBe(false);
    expect(whyKept(plan, here.buttons[0])).toBeUndefined();
  });
  it('paints into a step, and out of it once all are there', () => {
    expect(painted(here, ['I', 'want', 'home'], 'a')).toEqual({ buttons: ['I', 'want'], step: 'a' });
    expect(painted(here, ['I'], 'a')).toEqual({ buttons: ['I'], step: undefined });
    expect(painted(here, ['home'], 'a')).toBeUndefined();
  });
});

it('ticks what is sure or likely, is not so already, and nothing speaks against', () => {
  const proposal = (id: string, more: object) => ({
    button: id,
    board: 'b',
    name: 'b',
    cell: { row: 0, column: 0 },
    label: id,
    does: 'HOLD' as const,
    sure: 'SURE' as const,
    why: '',
    ...more,
  });
  expect(
    tickedFirst([
      proposal('egg', {}),
      proposal('cake', { sure: 'LIKELY', now: 'WAITS' }),
      proposal('pie', { sure: 'PERHAPS' }),
      proposal('held', { now: 'HELD' }),
      proposal('but', { other: 'likes eggs' }),
      proposal('seal', { does: 'BRING_FORWARD' }),
      proposal('gull', { does: 'BRING_FORWARD', now: 'WAITS' }),
    ]),
  ).toEqual(['egg', 'cake', 'gull']);
});
