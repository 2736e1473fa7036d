import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';

export const showList: Sort<Of<'show-list'>> = {
  effects: (doing) => [{ what: 'show', list: doing.list }],
  phrase: () => t`opens a day, a walk or a book`,
};
