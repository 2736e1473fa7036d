/** Somebody to be added. `general`: the word for such a person; empty if none fits. */
export interface Person { name: string; general: string; picture?: string }

/** Kinds of people, with the general words each has. */
export const FOLK = [
  { name: 'family', words: ['mum', 'dad', 'sister', 'brother', 'grandma', 'grandpa', 'auntie', 'uncle', 'baby'] },
  { name: 'school', words: ['teacher', 'helper', 'driver', 'cook'] },
  { name: 'class', words: ['friend', 'classmate'] },
  { name: 'others', words: ['doctor', 'nurse', 'neighbour'] },
];

/** One person a line: a name, and behind a comma, a tab, a dash or in brackets who they are: "Miss Wren, teacher", "Lot (sister)". */
export function peopleOf(text: string): Person[] {
  return text.split(/\r?\n/).map((line) => line.trim()).filter(Boolean).map((line) => {
    const [, name, general = ''] = /^(.*?)(?:\s*[,;\t(:]\s*|\s+[-–]\s+)([^()]*)\)?$/.exec(line) ?? [undefined, line];
    return { name: name.trim(), general: general.trim() };
  }).filter((p) => p.name);
}

/** Which file shows whom: the one whose name begins with the person's, whatever its capitals, spaces and signs. */
export function photoOf(name: string, files: File[]): File | undefined {
  const plain = (text: string) => text.toLowerCase().replace(/\.[a-z0-9]+$/, '').replace(/[^\p{L}\p{N}]+/gu, ' ').trim();
  const sought = plain(name);
  return files.find((f) => plain(f.name) === sought) ?? files.find((f) => plain(f.name).startsWith(`${sought} `));
}

/** What kind of people somebody belongs to; a general word nobody knows is none of them. */
export const folkOf = (general: string) => FOLK.find((f) => f.words.includes(general.toLowerCase()))?.name;
