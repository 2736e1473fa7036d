import { t } from '@lingui/core/macro';
import type { Kind } from '../api/types';

/** The kinds of words, in the order in which they are listed. */
export const kinds: { kind: Kind; sentence: string }[] = [
  { kind: 'who', sentence: t`a who word` },
  { kind: 'do', sentence: t`a do word` },
  { kind: 'social', sentence: t`a social word` },
  { kind: 'describing', sentence: t`a describing word` },
  { kind: 'thing', sentence: t`a thing word` },
  { kind: 'where', sentence: t`a where word` },
  { kind: 'little', sentence: t`a little word` },
  { kind: 'question', sentence: t`a question word` },
];
