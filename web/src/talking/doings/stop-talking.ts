import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';

export const stopTalking: Sort<Of<'stop-talking'>> = {
  effects: () => [{ what: 'stop' }],
  phrase: () => t`stops talking`,
  offered: { label: () => t`stop talking`, make: () => ({ type: 'stop-talking' }) },
  button: { label: () => t`hush`, picture: 'core/quiet' },
};
