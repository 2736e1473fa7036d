import { t } from '@lingui/core/macro';
import type { PointingView } from '../../api/types';

type Zone = NonNullable<PointingView['where']>;
type Aside = NonNullable<PointingView['aside']>;
type Help = PointingView['helps'][number];

export const zones: Record<Zone, () => string> = {
  LEFT: () => t`at the left edge`,
  RIGHT: () => t`at the right edge`,
  TOP: () => t`at the upper edge`,
  BOTTOM: () => t`at the lower edge`,
  TOP_LEFT: () => t`in the upper left corner`,
  TOP_RIGHT: () => t`in the upper right corner`,
  BOTTOM_LEFT: () => t`in the lower left corner`,
  BOTTOM_RIGHT: () => t`in the lower right corner`,
};

export const asides: Record<Aside, () => string> = {
  ABOVE: () => t`above`,
  BELOW: () => t`below`,
  LEFT: () => t`to the left of`,
  RIGHT: () => t`to the right of`,
};

export const helping: Record<Help, () => string> = {
  GAP: () => t`A wider gap between cells: most misses land on the cell beside the target.`,
  KEYGUARD: () => t`A keyguard, so that a hand may rest between the cells.`,
  RESTING: () => t`A touch that counts only once it rests, or where it ends: fingers came down on one cell and left from another.`,
  MOUNTING: () => t`Another mounting: nearer, higher or lower, or tilted, so that this part is as easy to reach as the rest.`,
  SLOWER: () => t`A slower round of the switch.`,
  LARGER: () => t`Larger cells than these, or a few more targets until it is sure.`,
};

/** How large the smallest cells were that were hit for sure: their shorter side, in millimetres; none if there were none. */
export function surely({ sizes, proposed }: PointingView): number | undefined {
  const size = proposed === undefined || proposed === null ? undefined : sizes[proposed];
  return size && Math.min(size.widthMm, size.heightMm);
}

/** What was hit of a grid. */
export interface Hit {
  hits: number;
  tries: number;
  day: string;
}

/** What was hit of each grid when it was last pointed at, but by a switch; the latest check comes first. */
export const hitOf =
  (checks: PointingView[]) =>
  (rows: number, columns: number): Hit | undefined => {
    for (const check of checks) {
      const size = check.how === 'SWITCH' ? undefined : check.sizes.find((s) => s.rows === rows && s.columns === columns);
      if (size) return { hits: size.hits, tries: size.tries, day: check.day };
    }
    return undefined;
  };
