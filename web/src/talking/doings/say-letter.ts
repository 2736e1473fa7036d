import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';

export const sayLetter: Sort<Of<'say-letter'>> = {
  effects: () => [{ what: 'last letter' }],
  phrase: () => t`says the last letter`,
  offered: { label: () => t`say the last letter`, make: () => ({ type: 'say-letter' }) },
};
