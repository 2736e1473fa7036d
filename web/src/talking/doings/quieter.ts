import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';

export const quieter: Sort<Of<'quieter'>> = {
  effects: () => [{ what: 'turn', dial: 'LOUDNESS', steps: -1 }],
  phrase: () => t`turns it quieter`,
  offered: { label: () => t`quieter`, make: () => ({ type: 'quieter' }) },
  button: { label: () => t`quieter`, picture: 'core/quiet' },
};
