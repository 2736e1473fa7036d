import { t } from '@lingui/core/macro';
import { plainly, type Of, type Sort } from '../effects';

export const sayText: Sort<Of<'say-text'>> = {
  effects: (doing) => [plainly(doing.text)],
  phrase: (doing) => t`says “${doing.text}” at once`,
  offered: { label: () => t`say something at once…`, typed: (doing) => doing.text, make: (text) => ({ type: 'say-text', text }) },
};
