import { expect, it } from 'vitest';
import type { Board, VocabularyView } from '../../api/types';
import { reach } from './reach';

it('tells what a word costs, in taps and centimetres', () => {
  const over = reach([
    { button: 'crab', cell: { row: 0, column: 0 }, taps: 2, travelMm: 123 },
    { button: 'gull', cell: { row: 0, column: 1 }, taps: 1, travelMm: 42 },
  ]);
  const told = over({} as VocabularyView, {} as Board);
  expect([told.get('0-0')?.note, told.get('0-1')?.told]).toEqual(['2 taps, 12 cm', '1 tap, 4.2 cm']);
});

it('tells for who scans how long it takes, or how many presses', () => {
  const crab = { button: 'crab', cell: { row: 0, column: 0 }, taps: 2, travelMm: 123 };
  const note = (scanned: { presses: number; ms?: number }) => reach([{ ...crab, scanned }])({} as VocabularyView, {} as Board).get('0-0')?.note;
  expect([note({ presses: 4, ms: 6240 }), note({ presses: 9 })]).toEqual(['2 taps, 6.2 s', '2 taps, 9 presses']);
});
