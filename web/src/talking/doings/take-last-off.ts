import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';

export const takeLastOff: Sort<Of<'take-last-off'>> = {
  effects: () => [{ what: 'take off' }],
  phrase: () => t`takes one off`,
  offered: { label: () => t`take one off`, make: () => ({ type: 'take-last-off' }) },
  button: { label: () => t`take one off` },
};
