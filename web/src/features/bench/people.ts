import type { Folk } from '../../api/types';

/** Somebody to be added. `general`: the word for such a person; empty if none fits. `board`: the kind of people whose own board it is to be. */
export interface Person {
  name: string;
  general: string;
  picture?: string;
  board?: Folk['kind'];
}

/** One person a line: a name, and behind a comma, a tab, a dash or in brackets who they are: "Miss Wren, teacher", "Lot (sister)". */
export function peopleOf(text: string): Person[] {
  return text
    .split(/\r?\n/)
    .map((line) => line.trim())
    .filter(Boolean)
    .map((line) => {
      const [, name, general = ''] = /^(.*?)(?:\s*[,;\t(:]\s*|\s+[-–]\s+)([^()]*)\)?$/.exec(line) ?? [undefined, line];
      return { name: name.trim(), general: general.trim() };
    })
    .filter((p) => p.name);
}

/** Which file shows whom: the one whose name begins with the person's, whatever its capitals, spaces and signs. */
export function photoOf(name: string, files: File[]): File | undefined {
  const plain = (text: string) =>
    text
      .toLowerCase()
      .replace(/\.[a-z0-9]+$/, '')
      .replace(/[^\p{L}\p{N}]+/gu, ' ')
      .trim();
  const sought = plain(name);
  return files.find((f) => plain(f.name) === sought) ?? files.find((f) => plain(f.name).startsWith(`${sought} `));
}

/** What kind of people somebody belongs to; a general word nobody knows is none of them. */
export const folkOf = (folk: Folk[], general: string) => folk.find((f) => f.words.includes(general.trim().toLowerCase()));
