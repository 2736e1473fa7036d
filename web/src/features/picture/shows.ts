import { t } from '@lingui/core/macro';
import type { OwnAbout } from '../../api/types';

export type Shows = OwnAbout['shows'];

/** Whom a picture can be said to show. `student`: the name of the one it is for, if it is for one. */
export const showsOptions = (student?: string): { value: Shows; label: string }[] =>
  student === undefined
    ? [
        { value: 'NOBODY', label: t`nobody` },
        { value: 'OTHERS', label: t`people` },
      ]
    : [
        { value: 'NOBODY', label: t`nobody` },
        { value: 'STUDENT', label: t`${student} alone` },
        { value: 'OTHERS', label: t`other people` },
      ];

/** What it shows once it is for others than one student: who was the student is one of the people then. */
export const showsFor = (audience: OwnAbout['audience'], shows: Shows): Shows => (audience !== 'STUDENT' && shows === 'STUDENT' ? 'OTHERS' : shows);

export function staysHere(shows: Shows, onePicture = true): string {
  if (shows === 'NOBODY') return onePicture ? t`It may leave the school with boards and lists.` : t`They may leave the school with boards and lists.`;
  return onePicture ? t`It stays at the school unless somebody says that it goes.` : t`They stay at the school unless somebody says that they go.`;
}
