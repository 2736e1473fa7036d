import { describe, expect, it } from 'vitest';
import type { Board, Button } from '../api/types';
import { arrow, buttonAt, fitted, nextEmpty, stops, tab } from './grid';

/** board('I . go', 'w w .'): a letter repeated beside itself is one wide button. */
function board(...rows: string[]): Board {
  const cells = rows.map((r) => r.split(' '));
  const buttons: Button[] = [];
  cells.forEach((row, r) =>
    row.forEach((word, c) => {
      if (word === '.' || row[c - 1] === word) return;
      const columns = row.slice(c).findIndex((w) => w !== word);
      buttons.push({
        id: word,
        cell: { row: r, column: c },
        span: { rows: 1, columns: columns < 0 ? row.length - c : columns },
        label: word,
        says: { type: 'label' },
        layers: [],
        kind: 'thing',
        leads: { type: 'stays' },
        doings: [],
        hidden: false,
        look: {},
      });
    }),
  );
  return { id: 'b', name: 'b', rows: rows.length, columns: cells[0].length, heights: [], widths: [], look: {}, buttons };
}

const at = (row: number, column: number) => ({ row, column });

describe('moving over a board', () => {
  const b = board('I . go', 'ferry ferry .', '. crab gull');

  it('arrows stop at the edges', () => {
    expect(arrow(b, at(0, 0), 'ArrowUp')).toEqual(at(0, 0));
    expect(arrow(b, at(0, 0), 'ArrowLeft')).toEqual(at(0, 0));
    expect(arrow(b, at(2, 2), 'ArrowDown')).toEqual(at(2, 2));
    expect(arrow(b, at(0, 0), 'End')).toEqual(at(0, 2));
  });

  it('an arrow enters a wide button at its own cell and leaves the whole of it', () => {
    expect(arrow(b, at(0, 1), 'ArrowDown')).toEqual(at(1, 0));
    expect(arrow(b, at(1, 0), 'ArrowRight')).toEqual(at(1, 2));
  });

  it('Tab goes in reading order, counts a wide button once, and leaves the board at its ends', () => {
    expect(stops(b)).toHaveLength(8);
    expect(tab(b, at(0, 2), false)).toEqual(at(1, 0));
    expect(tab(b, at(1, 0), false)).toEqual(at(1, 2));
    expect(tab(b, at(1, 2), true)).toEqual(at(1, 0));
    expect(tab(b, at(2, 2), false)).toBeUndefined();
    expect(tab(b, at(0, 0), true)).toBeUndefined();
  });
});

describe('the next cell', () => {
  it('is the marked one if it is empty, else the next empty one, else the first from the top', () => {
    const b = board('I . go', '. see .');
    expect(nextEmpty(b, at(0, 1))).toEqual(at(0, 1));
    expect(nextEmpty(b, at(1, 1))).toEqual(at(1, 2));
    expect(nextEmpty(board('. I', 'go see'), at(1, 0))).toEqual(at(0, 0));
    expect(nextEmpty(board('I go'), at(0, 0))).toBeUndefined();
  });

  it('passes over cells kept free unless one of them is marked', () => {
    const b = board('I .', '. .');
    const kept = [at(1, 0), at(1, 1)];
    expect(nextEmpty(b, at(0, 0), kept)).toEqual(at(0, 1));
    expect(nextEmpty(b, at(1, 1), kept)).toEqual(at(1, 1));
    expect(nextEmpty(board('I go', '. .'), at(0, 0), kept)).toBeUndefined();
  });

  it('is never inside a wide button', () => {
    const b = board('ferry ferry', '. crab');
    expect(buttonAt(b, at(0, 1))?.id).toBe('ferry');
    expect(nextEmpty(b, at(0, 0))).toEqual(at(1, 0));
  });

  it('fits a mat into its room, whichever way that is too long', () => {
    expect(fitted(800, 600, 2)).toEqual({ width: 800, height: 400 });
    expect(fitted(800, 300, 2)).toEqual({ width: 600, height: 300 });
    expect(fitted(0, 300, 2)).toEqual({ width: 0, height: 0 });
  });
});
