import type { FirstTable, FirstTableLine } from '../../api/types';
import type { FirstLine } from '../../data/firstSeries';
import { takeIn } from '../../data/pictures';
import { notPutOn, takePhoto } from './photos';

/**
 * Takes in the photos the lines use, each once: one of a word for its student, or, where several use it, for all students of whoever makes the
 * boards; one that is called like a student as a photo of that student.
 * What could not be taken is said.
 */
export async function takeTablePhotos(
  lines: FirstTableLine[],
  students: FirstTable['students'],
  files: File[],
  onComing: (left: number) => void,
): Promise<{ lines: FirstLine[]; said: string[] }> {
  const users = new Map<number, Set<string>>();
  lines.forEach((l) => l.words.forEach((w) => w.file != null && users.set(w.file, new Set([...(users.get(w.file) ?? []), l.student!]))));
  const shown = students.filter((s) => s.photo != null && lines.some((l) => l.student === s.id));
  let left = users.size + shown.length;
  const said: string[] = [];
  /** One that cannot be taken keeps none of the others: its word has the picture it has without it. */
  const tried = async (file: number, take: () => Promise<unknown>) => {
    onComing(left--);
    await take().catch((error: unknown) => said.push(notPutOn(files[file], error)));
  };
  const pictures = new Map<number, string>();
  for (const s of shown) {
    await tried(s.photo!, () => takePhoto(files[s.photo!], { shows: 'STUDENT', student: s.id, word: s.name }));
  }
  for (const [file, of] of users) {
    const facts = { categories: [], shows: 'OTHERS' as const, origin: 'OWN_PHOTO' as const, author: '', licence: '', source: '' };
    const whose = of.size === 1 ? { audience: 'STUDENT' as const, student: [...of][0] } : { audience: 'MINE' as const };
    await tried(file, async () => pictures.set(file, (await takeIn(files[file], { ...facts, ...whose })).picture.picture));
  }
  const made = lines.map((l) => ({
    student: l.student!,
    board: l.board ?? undefined,
    words: l.words.map((w) => ({ word: w.word, picture: w.file == null ? undefined : pictures.get(w.file) })),
  }));
  return { lines: made, said };
}
