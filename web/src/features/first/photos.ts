import { t } from '@lingui/core/macro';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { ChosenWord } from '../../api/types';
import { takeIn } from '../../data/pictures';
import type { Shows } from '../picture';

/** What somebody brings for a first board: photos, or typed words. */
export type Brought = { files: File[] } | { text: string };

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

export const notPutOn = (file: File, error: unknown) => t`“${file.name}” was not put on. ${sentence(error)}`;

/** Taking photos in one after the other, with how many are on their way and what could not be taken: that keeps none of the others.
 * `before`: what was said on the page before this one. */
export function usePhotos(student: string, shows: Shows, before: string[] = []) {
  const [coming, setComing] = useState(0);
  const [wrong, setWrong] = useState(before);
  /** @param room for so many; the others are left, and that is said */
  async function take(files: File[], room: number): Promise<{ chosen: ChosenWord[]; said: string[] }> {
    const said: string[] = [];
    const chosen: ChosenWord[] = [];
    setWrong([]);
    let next = 0;
    for (; next < files.length && chosen.length < room; next++) {
      setComing(Math.min(files.length - next, room - chosen.length));
      try {
        const { picture } = await takePhoto(files[next], { shows, student });
        chosen.push({ word: picture.about.words[0], picture: picture.picture });
      } catch (error) {
        said.push(notPutOn(files[next], error));
      }
    }
    if (next < files.length) said.unshift(t`There is room for ${room} here, and these are ${files.length}. Make another first board for the others.`);
    setComing(0);
    setWrong(said);
    return { chosen, said };
  }
  return { coming, wrong, setWrong, take };
}
