import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';

export const capital: Sort<Of<'capital'>> = {
  effects: () => [{ what: 'capital' }],
  phrase: () => t`lets the last word begin with a capital`,
  offered: { label: () => t`begin with a capital`, make: () => ({ type: 'capital' }) },
};
