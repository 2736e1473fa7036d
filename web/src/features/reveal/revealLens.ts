import { t } from '@lingui/core/macro';
import type { Plan, Revealed } from '../../api/types';
import { isWay, numberOf, whyKept } from '../../data/plan';
import { keyOf } from '../../data/cells';
import { paperOf } from '../../drawn/looks';
import type { Lens } from '../../drawn/overlay';

/** Each button with the number of its step, and what is not shown faint. */
export const revealLens =
  (plan: Plan, { kept }: Revealed): Lens =>
  (_, board) =>
    new Map(
      board.buttons
        .filter((b) => !isWay(b))
        .map((b) => {
          const why = kept[b.id];
          const number = numberOf(plan, b.step ?? undefined);
          const badge = number > 0 ? { text: String(number), paper: paperOf(number) } : undefined;
          return [
            keyOf(b.cell),
            {
              classes: why ? ['waitingWord'] : [],
              badge: why === 'HELD' ? { text: t`held`, paper: 'held' } : badge,
              note: why === 'NOTHING_BEHIND' ? t`nothing yet` : undefined,
              told: whyKept(plan, b, why) ?? (number > 0 ? t`shown since step ${number}` : t`shown`),
            },
          ];
        }),
    );
