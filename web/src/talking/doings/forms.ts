import { t } from '@lingui/core/macro';
import type { Form } from '../fitting';

/** What each form is called, also on its button. */
export const formLabels = (): { [F in Form]: string } => ({
  NOW: t`now`,
  PAST: t`in the past`,
  GOING_ON: t`going on`,
  MORE_THAN_ONE: t`more than one`,
  SOMEBODYS: t`somebody’s`,
  NOT: t`not`,
  QUESTION: t`as a question`,
});
