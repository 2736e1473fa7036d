import type { BoardLine, PassageLine, PassageRead } from '../../api/types';

/** The words of a text by what can be done about them. */
export interface Parted {
  said: PassageLine[];
  later: PassageLine[];
  missing: PassageLine[];
  names: PassageLine[];
  numbers: PassageLine[];
}

export function parted({ lines }: PassageRead): Parted {
  const words = lines.filter((l) => l.sort === 'WORD');
  return {
    said: words.filter((l) => l.can === 'SAID'),
    later: words.filter((l) => l.can !== 'SAID' && l.can !== 'MISSING'),
    missing: words.filter((l) => l.can === 'MISSING'),
    names: lines.filter((l) => l.sort === 'NAME'),
    numbers: lines.filter((l) => l.sort === 'NUMBER'),
  };
}

/** Words by what keeps them back, in the order in which they come. */
export function byReason(lines: PassageLine[]): [string, PassageLine[]][] {
  const groups = new Map<string, PassageLine[]>();
  lines.forEach((l) => groups.set(l.why ?? '', [...(groups.get(l.why ?? '') ?? []), l]));
  return [...groups];
}

const LONGEST = 40;

/** What a board of a text’s words is called: by its first line. */
export function titleOf(texts: string[]): string {
  const first = texts.flatMap((t) => t.split('\n')).find((line) => line.trim()) ?? '';
  const line = first.trim().replace(/[.,;:!?…]+$/, '');
  return line.length <= LONGEST ? line : line.slice(0, line.lastIndexOf(' ', LONGEST) > 0 ? line.lastIndexOf(' ', LONGEST) : LONGEST);
}

/** Boards with a cell for a way to a new one: the board one comes from first, then home, then the others. */
export function withRoom(boards: BoardLine[], from: string | undefined, home: string): BoardLine[] {
  const rank = (b: BoardLine) => (b.id === from ? 0 : b.id === home ? 1 : 2);
  return boards.filter((b) => b.empty > b.keptFree.length && b.route).sort((a, b) => rank(a) - rank(b));
}

/** Several words in one line, as they are typed; a comma within a word would part it. */
export const typedAs = (words: string[]) => words.map((w) => w.replace(/,/g, ' ')).join(', ');
