import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';
import { formLabels } from './forms';

export const offerForm: Sort<Of<'offer-form'>> = {
  effects: (doing) => [{ what: 'formed', form: doing.form }],
  phrase: (doing) => t`shows the last word in another form, and takes it: ${formLabels()[doing.form]}`,
};
