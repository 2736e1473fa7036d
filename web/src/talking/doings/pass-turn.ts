import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';

export const passTurn: Sort<Of<'pass-turn'>> = {
  effects: () => [{ what: 'next turn' }],
  phrase: () => t`passes the turn`,
  offered: { label: () => t`pass the turn`, make: () => ({ type: 'pass-turn' }) },
  button: { label: () => t`your turn`, picture: 'core/your-turn' },
};
