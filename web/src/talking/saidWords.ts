import type { Token } from './talk';

/**
 * Words that became whole by a tap: those that were added, one that was offered in place of what was spelt, one that was spelt to its end, and one that
 * was being spelt when the message went. What is put into another form is the same word.
 */
export function wordsMade(before: Token[], now: Token[]): string[] {
  const last = before.at(-1);
  if (now.length === 0) return last?.spelled ? [last.text] : [];
  return now.flatMap((token, i) => (token.text && !token.spelled && (i >= before.length || before[i].spelled) ? [token.text] : []));
}
