import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';

export const addSpace: Sort<Of<'add-space'>> = {
  effects: () => [{ what: 'end word' }],
  phrase: () => t`adds a space`,
  offered: { label: () => t`add a space`, make: () => ({ type: 'add-space' }) },
  button: { label: () => t`space` },
};
