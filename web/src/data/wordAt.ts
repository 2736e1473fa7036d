/** Beside its letters a word takes as long as so many letters more, and a stop after it as long as so many. */
const BETWEEN = 1.5;
const STOP = 5;

export const wordsIn = (text: string) => text.split(/\s+/).filter(Boolean);

/**
 * The word that is spoken when a part of a text has been, as voices that do not tell take about as long for each letter: its place among the words.
 *
 * @param part 0 to 1
 */
export function wordAt(text: string, part: number): number {
  const words = wordsIn(text);
  const weights = words.map((word) => [...word].length + BETWEEN + (/[.!?…:;]["”’)]*$/.test(word) ? STOP : 0));
  const whole = weights.reduce((sum, weight) => sum + weight, 0);
  let passed = 0;
  for (let i = 0; i < words.length; i++) {
    passed += weights[i];
    if (part * whole < passed) return i;
  }
  return words.length - 1;
}

/** The word a letter stands in. */
export const wordOfLetter = (text: string, letter: number) => Math.max(0, wordsIn(text.slice(0, letter + 1)).length - 1);

/** Sentences one after the other; a text without stops is one. */
export const sentencesOf = (text: string): string[] =>
  text
    .match(/[^.!?…]+[.!?…]*["”’)]*\s*/g)
    ?.map((s) => s.trim())
    .filter(Boolean) ?? [];
