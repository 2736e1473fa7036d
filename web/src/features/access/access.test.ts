import { describe, expect, it } from 'vitest';
import cases from '../../../../core/src/test/resources/org/dwimble/core/access/access-cases.json';
import type { Scanning, Touching } from '../../api/types';
import { litWith, roundOf, type Placed, type Stop } from './round';
import { begin, litBy, passed, pressed, stepped } from './scan';
import { Touches } from './touches';

// As core has it (AccessCasesTest), on the same cases; how a case is written stands there.

const box = (x: number, y: number) => ({ x, y, width: 20, height: 20 });
const cells = [
  { of: 'a', box: box(0, 0) },
  { of: 'b', box: box(24, 0) },
  { of: 'c', box: box(0, 24) },
];

describe('touches', () => {
  it.each(cases.touching as { about: string; how: Partial<Touching>; script: string[] }[])('$about', ({ how, script }) => {
    const touches = new Touches<string>({ when: 'ON_RELEASE', restMs: 600, againMs: 0, slip: 0, edge: 0, ...how });
    for (const line of script) {
      const [done, counted] = line.split(' -> ');
      const [ms, what, at] = done.split(' ');
      const [x, y] = (at ?? '0,0').split(',').map(Number);
      const now = { down: () => touches.press(Number(ms), { x, y }, cells), up: () => touches.lift(Number(ms)), wait: () => touches.pass(Number(ms)) }[what];
      if (what === 'move') touches.move(Number(ms), { x, y });
      if (what === 'drop') touches.drop();
      expect([line, now?.()]).toEqual([line, counted]);
    }
  });
});

const asScanning = (how: object): Scanning => {
  const stepping = 'stepping' in how ? { stepping: { sort: 'KEY' as const, of: String(how.stepping) } } : {};
  const usual = { way: 'ROWS' as const, stepMs: 1000, firstMs: 0, loops: 3, cue: false, chatterMs: 0, blocks: [] };
  return { ...usual, taking: { sort: 'KEY', of: 'Space' }, ...how, ...stepping };
};

function round(how: Scanning, board: string[], bar: string[]): Stop[] {
  const placed: Placed[] = board.flatMap((line, row) => line.split(' ').flatMap((id, column) => (id === '.' ? [] : [{ id, row, column }])));
  return roundOf(how, board.length, board[0].split(' ').length, placed.reverse(), bar);
}

const written = (stops: Stop[]): string => stops.map((s) => (s.within.length ? `${s.id}(${written(s.within)})` : s.id)).join(', ');

describe('rounds', () => {
  it.each(cases.rounds)('$about', ({ how, board, bar, round: is }) => expect(written(round(asScanning(how), board, bar))).toBe(is));
});

describe('scanning', () => {
  it.each(cases.scanning)('$about', ({ how, script }) => {
    const by = asScanning(how);
    let scan = begin(by, round(by, ['I go', 'sea crab', 'up .'], ['say', 'clear']), 0);
    for (const line of script) {
      const [done, chosen] = line.split(' -> ');
      const [what, lit] = done.split(/ \/ ?/);
      const ms = Number(what.split(' ')[0]);
      scan = passed(scan, ms);
      let taken: string | undefined;
      if (what.endsWith('step')) scan = stepped(scan, ms);
      if (what.endsWith('take')) ({ scan, chosen: taken } = pressed(scan, ms));
      const now = litBy(scan);
      expect([line, now ? litWith(now).join(' ') : '', taken]).toEqual([line, lit, chosen]);
    }
  });
});
