/** Sheets from one to another, both included, counted from 1. */
export interface Range {
  from: number;
  to: number;
}

/** "3", "2-5", "2 to 5"; anything else is all of them. */
export function rangeOf(typed: string): Range | undefined {
  const [, first, last] = /^\s*(\d{1,6})\s*(?:(?:-|–|to)\s*(\d{1,6}))?\s*$/.exec(typed) ?? [];
  if (first === undefined || Number(first) === 0) return undefined;
  const from = Number(first);
  const to = last === undefined ? from : Number(last);
  return to < from ? { from: to || 1, to: from } : { from, to };
}
