import { describe, expect, it } from 'vitest';
import type { Version } from '../../api/types';
import { gathered } from './spells';

const version = (number: number, madeAt: string, by?: string) => ({ number, madeAt, by }) as Version;

describe('history', () => {
  it('is gathered by day and person, the newest first', () => {
    const spells = gathered(
      [
        version(5, '2026-11-03T10', 'Odile'),
        version(4, '2026-11-03T09', 'Odile'),
        version(3, '2026-11-03T08', 'Marit'),
        version(2, '2026-11-02T08', 'Marit'),
        version(1, '2026-11-02T08'),
      ],
      (at) => at.slice(0, 10),
    );
    expect(spells.map((s) => `${s.day} ${s.by} ${s.versions.map((v) => v.number).join()}`)).toEqual([
      '2026-11-03 Odile 5,4',
      '2026-11-03 Marit 3',
      '2026-11-02 Marit 2',
      '2026-11-02 Dwimble 1',
    ]);
    expect(gathered([], String)).toEqual([]);
  });
});
