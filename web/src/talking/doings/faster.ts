import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';

export const faster: Sort<Of<'faster'>> = {
  effects: () => [{ what: 'turn', dial: 'RATE', steps: 1 }],
  phrase: () => t`speaks faster`,
  offered: { label: () => t`faster`, make: () => ({ type: 'faster' }) },
  button: { label: () => t`faster`, picture: 'core/fast' },
};
