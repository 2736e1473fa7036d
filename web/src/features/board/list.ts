/** What parts words in the word line: line breaks, commas, semicolons and tabs, of any script. The same as in core. */
const SEPARATORS = /[\r\n,;\t\u2028\u2029\u060c\uff0c\u3001]+/;

const isSpace = (text: string) => text.trim() === '';

/** The words of a text, blanks passed over. */
export const wordsOf = (text: string): string[] => text.split(SEPARATORS).map((w) => w.trim().replace(/\s+/g, ' ')).filter((w) => !isSpace(w));

/** True if a text is more than one word line's word: a separator stands in it, not only at its end. */
export const isList = (text: string): boolean => SEPARATORS.test(text.trim());

/** A list that was pasted or typed, on one line. A comma somebody has just typed stays. */
export const onOneLine = (text: string): string => text.replace(/\s*[\r\n\t;\u2028\u2029]+\s*/g, ', ').replace(/^, |, $/g, '');
