import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';

export const louder: Sort<Of<'louder'>> = {
  effects: () => [{ what: 'turn', dial: 'LOUDNESS', steps: 1 }],
  phrase: () => t`turns it louder`,
  offered: { label: () => t`louder`, make: () => ({ type: 'louder' }) },
  button: { label: () => t`louder`, picture: 'core/loud' },
};
