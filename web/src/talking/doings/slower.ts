import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';

export const slower: Sort<Of<'slower'>> = {
  effects: () => [{ what: 'turn', dial: 'RATE', steps: -1 }],
  phrase: () => t`speaks slower`,
  offered: { label: () => t`slower`, make: () => ({ type: 'slower' }) },
  button: { label: () => t`slower`, picture: 'core/slow' },
};
