/** What somebody brings for a first board: photos, or typed words. */
export type Brought = { count: number } & ({ files: File[] } | { text: string });

export const photos = (files: File[]): Brought => ({ files, count: files.length });

/** Words parted by commas or lines. */
export const typed = (text: string): Brought => ({ text, count: text.split(/[\n,;]/).filter((w) => w.trim()).length });

const left = new Map<number, Brought>();

/** What was brought before its board was there waits for it; kept outside React, as the page changes on the way. */
export function leave(vocabulary: number, brought: Brought) {
  left.set(vocabulary, brought);
}

export function fetchLeft(vocabulary: number): Brought | undefined {
  const brought = left.get(vocabulary);
  left.delete(vocabulary);
  return brought;
}
