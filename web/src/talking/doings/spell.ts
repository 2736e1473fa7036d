import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';

export const spell: Sort<Of<'spell'>> = {
  effects: (doing) => [{ what: 'letters', letters: doing.letters }],
  phrase: (doing) => t`spells “${doing.letters}”`,
  offered: { label: () => t`spell letters…`, typed: (doing) => doing.letters, make: (letters) => ({ type: 'spell', letters }) },
};
