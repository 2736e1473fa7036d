import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';

export const addName: Sort<Of<'add-name'>> = {
  effects: () => [{ what: 'name' }],
  phrase: () => t`says the student’s name`,
  offered: { label: () => t`say the student’s name`, make: () => ({ type: 'add-name' }) },
  button: { label: () => t`my name` },
};
