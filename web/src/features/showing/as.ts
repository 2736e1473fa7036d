import { t } from '@lingui/core/macro';
import type { OnRow } from '../../api/types';

/** What a list is shown as. */
export type As = OnRow['as'];

export const ALL_AS: As[] = ['DAY', 'WALK', 'BOOK'];

export const isAs = (word: string | null): word is As => ALL_AS.some((as) => as === word);

export const asNamed = (as: As) => ({ DAY: t`a day`, WALK: t`a walk`, BOOK: t`a book` })[as];
