import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';

/** Where among its doings a button says what it says. The sentence shows in its place what that is. */
export const ownWord: Sort<Of<'own-word'>> = {
  effects: () => [{ what: 'word' }],
  phrase: () => t`says its word`,
};
