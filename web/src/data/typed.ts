/** What parts words in the word line: line breaks (also the sign for one, ⏎), commas, semicolons and tabs, of any script. The same as in core. */
const SEPARATORS = /[\r\n\u23ce,;\t\u2028\u2029\u060c\uff0c\u3001]+/;
const LINES = /\s*[\r\n\u23ce\u2028\u2029]+\s*/;

const isSpace = (text: string) => text.trim() === '';

/** The words of a text, blanks passed over. */
export const wordsOf = (text: string): string[] =>
  text
    .split(SEPARATORS)
    .map((w) => w.trim().replace(/\s+/g, ' '))
    .filter((w) => !isSpace(w));

/** True if a text is more than one word line's word: a separator stands in it, not only at its end. */
export const isList = (text: string): boolean => SEPARATORS.test(text.trim());

/** More than this are not put at once; core refuses them. */
export const MOST_AT_ONCE = 400;

/** So many may be put on a board and on new ones after it. */
export const MOST_FILLED = 5000;

/** How many words are put: the words behind a > stand on the board their line opens. */
export const countHere = (text: string): number => text.split(LINES).reduce((n, line) => n + wordsOf(line.split('>')[0]).length, 0);

/** True if a line opens a new board. */
export const opensBoards = (text: string): boolean => text.split(LINES).some((line) => /[^\s>].*>/.test(line));

/** A list that was pasted or typed, on one line; if lines of it open boards, the breaks stay to be seen. A comma somebody has just typed stays. */
export const onOneLine = (text: string): string =>
  text.includes('>')
    ? text
        .split(LINES)
        .filter((line) => !isSpace(line))
        .join(' ⏎ ')
        .replace(/\t+/g, ', ')
    : text.replace(/\s*[\r\n\t;\u2028\u2029]+\s*/g, ', ').replace(/^, |, $/g, '');

/** Of what is found in a list by its label, what starts as typed comes first; else the order stays. */
export function startsFirst(one: { label?: unknown }, other: { label?: unknown }, { searchValue }: { searchValue: string }): number {
  const starts = ({ label }: { label?: unknown }) => Number(String(label).toLowerCase().startsWith(searchValue.toLowerCase()));
  return starts(other) - starts(one);
}
