import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';

export const draw: Sort<Of<'draw'>> = {
  effects: () => [{ what: 'pad' }],
  phrase: () => t`is drawn on`,
  offered: { label: () => t`be drawn on`, make: () => ({ type: 'draw' }) },
  button: { label: () => t`pad`, picture: 'core/draw' },
};
