import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';
import { formLabels } from './forms';

export const changeForm: Sort<Of<'change-form'>> = {
  effects: (doing) => [{ what: 'formed', form: doing.form }],
  phrase: (doing) => t`puts the last word into another form: ${formLabels()[doing.form]}`,
};
