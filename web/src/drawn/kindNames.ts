import { t } from '@lingui/core/macro';
import type { Kind } from '../api/types';

/** What a kind is called: “a do word”, “do word”, “do words”, “do”. */
interface KindName {
  kind: Kind;
  sentence: string;
  bare: string;
  many: string;
  short: string;
}

/** The kinds of words, in the order in which they are listed. */
export const kinds: KindName[] = [
  { kind: 'who', sentence: t`a who word`, bare: t`who word`, many: t`who words`, short: t`who` },
  { kind: 'do', sentence: t`a do word`, bare: t`do word`, many: t`do words`, short: t`do` },
  { kind: 'social', sentence: t`a social word`, bare: t`social word`, many: t`social words`, short: t`social` },
  { kind: 'describing', sentence: t`a describing word`, bare: t`describing word`, many: t`describing words`, short: t`describing` },
  { kind: 'thing', sentence: t`a thing word`, bare: t`thing word`, many: t`thing words`, short: t`thing` },
  { kind: 'where', sentence: t`a where word`, bare: t`where word`, many: t`where words`, short: t`where` },
  { kind: 'little', sentence: t`a little word`, bare: t`little word`, many: t`little words`, short: t`little` },
  { kind: 'question', sentence: t`a question word`, bare: t`question word`, many: t`question words`, short: t`question` },
];
