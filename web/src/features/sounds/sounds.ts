import { t } from '@lingui/core/macro';
import { keyOf } from '../../data/cells';
import { wordsOf } from '../../talking/talk';
import type { Lens } from '../../drawn/overlay';

/** What each button says; those that say nothing carry a tag. */
export const sounds: Lens = (_, board) =>
  new Map(
    board.buttons.map((b) => {
      const says = wordsOf(b);
      const overlay: ReturnType<Lens> extends Map<string, infer O> ? O : never = says
        ? { classes: [], note: says === b.label ? undefined : `“${says}”`, told: t`says ${says}` }
        : { classes: ['silentWord'], tag: b.doings.length > 0 ? undefined : t`says nothing`, told: t`says nothing` };
      return [keyOf(b.cell), overlay];
    }),
  );
