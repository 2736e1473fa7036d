import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';

export const clearMessage: Sort<Of<'clear-message'>> = {
  effects: () => [{ what: 'clear' }],
  phrase: () => t`clears the message`,
  offered: { label: () => t`clear the message`, make: () => ({ type: 'clear-message' }) },
  button: { label: () => t`clear`, picture: 'core/rubber' },
};
