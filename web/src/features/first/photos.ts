import { t } from '@lingui/core/macro';
import { sentence } from '../../api/client';
import type { ChosenWord } from '../../api/types';
import { takeIn } from '../../data/pictures';
import type { Shows } from '../picture';

/** One photo for the student’s boards; no word takes the file’s name. */
export const takePhoto = (file: File, { shows, student, word }: { shows: Shows; student: string; word?: string }) =>
  takeIn(file, {
    ...(word && { words: [word] }),
    categories: [],
    audience: 'STUDENT',
    student,
    shows,
    origin: 'OWN_PHOTO',
    author: '',
    licence: '',
    source: '',
  });

/**
 * Takes photos in one after the other and puts each on the board as soon as it has come: they keep their order, and what was refused keeps none of the others.
 *
 * @param onCame also for one that was refused, with nothing
 * @returns what could not be taken in, and why
 */
export async function bringPhotos(files: File[], { shows, student }: { shows: Shows; student: string }, onCame: (chosen?: ChosenWord) => Promise<void>) {
  const refused: string[] = [];
  for (const file of files) {
    let chosen: ChosenWord | undefined;
    try {
      const { picture } = await takePhoto(file, { shows, student });
      chosen = { word: picture.about.words[0], picture: picture.picture };
    } catch (error) {
      refused.push(t`“${file.name}” was not put on. ${sentence(error)}`);
    }
    await onCame(chosen);
  }
  return refused;
}
