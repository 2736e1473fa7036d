import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';

/** What a later Dwimble knows and this one does not: shown, and carried along. */
export const ofLater: Sort<Of<'of-later'>> = {
  effects: () => [],
  phrase: () => t`does something that only a newer Dwimble knows`,
};
