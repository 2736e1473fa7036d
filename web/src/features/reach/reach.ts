import { plural, t } from '@lingui/core/macro';
import type { Cost } from '../../api/types';
import { keyOf } from '../../data/cells';
import type { Lens } from '../../drawn/overlay';

/** What each word costs: taps, and the way a finger travels. */
export const reach =
  (costs: Cost[]): Lens =>
  () =>
    new Map(
      costs.map((c) => {
        const note = costOf(c);
        return [keyOf(c.cell), { classes: [], note, told: note }];
      }),
    );

/** Taps, and beside them the way a finger travels, or for who scans the time it takes, or the presses where it goes on by hand. */
export function costOf({ taps, travelMm, scanned }: Pick<Cost, 'taps' | 'travelMm' | 'scanned'>): string {
  const tapped = plural(taps, { one: '# tap', other: '# taps' });
  if (!scanned) return `${tapped}, ${centimetres(travelMm)}`;
  const { ms, presses } = scanned;
  return `${tapped}, ${ms === undefined || ms === null ? plural(presses, { one: '# press', other: '# presses' }) : t`${(ms / 1000).toFixed(1)} s`}`;
}

const centimetres = (mm: number) => t`${(mm / 10).toFixed(mm < 100 ? 1 : 0)} cm`;
