import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';

export const addWords: Sort<Of<'add-words'>> = {
  effects: (doing) => [{ what: 'add', words: doing.words }],
  phrase: (doing) => t`adds “${doing.words}” unheard`,
  offered: { label: () => t`add words unheard…`, typed: (doing) => doing.words, make: (words) => ({ type: 'add-words', words }) },
};
