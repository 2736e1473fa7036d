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
        const note = `${plural(c.taps, { one: '# tap', other: '# taps' })}, ${centimetres(c.travelMm)}`;
        return [keyOf(c.cell), { classes: [], note, told: note }];
      }),
    );

export const centimetres = (mm: number) => t`${(mm / 10).toFixed(mm < 100 ? 1 : 0)} cm`;
