import { t } from '@lingui/core/macro';
import type { PrintedFor } from '../../api/types';

export const FOR_WHOM: Record<PrintedFor, string> = {
  TEAM: t`for the team`,
  OTHERS_DRAWN: t`for others, with drawings in place of photos of people`,
  OTHERS_EMPTY: t`for others, with empty places for photos of people`,
  OTHERS_WITH_PHOTOS: t`for others, with the photos of people`,
};
