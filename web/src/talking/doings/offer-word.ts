import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';

export const offerWord: Sort<Of<'offer-word'>> = {
  effects: (doing) => [{ what: 'offered', place: doing.place }],
  phrase: (doing) => t`offers a word while one is spelt, number ${doing.place}`,
};
