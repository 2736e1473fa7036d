import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';

export const sayMessage: Sort<Of<'say-message'>> = {
  effects: () => [{ what: 'say all' }],
  phrase: () => t`says the message`,
  offered: { label: () => t`say the message`, make: () => ({ type: 'say-message' }) },
  button: { label: () => t`say it`, picture: 'core/say' },
};
