import { t } from '@lingui/core/macro';
import { takeInOrLater } from '../../data/later';
import { asFile } from '../pad';

/** Keeps what a student drew among the student’s pictures. @returns whether it is kept on this device until there is a network */
export async function keepDrawn(drawing: HTMLCanvasElement, label: string, student: string, of: { account: number; vocabulary: number }): Promise<boolean> {
  const word = label || t`drawing`;
  // What a student drew is treated as a photo of the student.
  const facts = { categories: [], shows: 'STUDENT' as const, origin: 'OWN_PHOTO' as const, author: '', licence: '', source: '' };
  return takeInOrLater(await asFile(drawing, `${word}.png`), { ...facts, words: [word], audience: 'STUDENT', student }, of);
}
