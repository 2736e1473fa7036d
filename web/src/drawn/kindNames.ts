import type { Kind } from '../api/types';

/** The kinds of words, in the order in which they are listed. */
export const kinds: { kind: Kind; sentence: string }[] = [
  { kind: 'who', sentence: 'a who word' },
  { kind: 'do', sentence: 'a do word' },
  { kind: 'social', sentence: 'a social word' },
  { kind: 'describing', sentence: 'a describing word' },
  { kind: 'thing', sentence: 'a thing word' },
  { kind: 'where', sentence: 'a where word' },
  { kind: 'little', sentence: 'a little word' },
  { kind: 'question', sentence: 'a question word' },
];
