import type { Button, Doing } from '../../api/types';

// A button's doings as lines of its sentence: what it says is one of them.

const OWN: Doing = { type: 'own-word' };

/** All lines in order; what it says comes first, unless it is put elsewhere. */
export const linesOf = (button: Button): Doing[] => (button.doings.some((d) => d.type === 'own-word') ? button.doings : [OWN, ...button.doings]);

/** With one line moved before another place; places count from 0, the last is behind all. */
export function movedTo(lines: Doing[], from: number, before: number): Doing[] {
  const rest = lines.filter((_, i) => i !== from);
  const at = before > from ? before - 1 : before;
  return [...rest.slice(0, at), lines[from], ...rest.slice(at)];
}

export const without = (lines: Doing[], at: number): Doing[] => lines.filter((_, i) => i !== at);

export const withAt = (lines: Doing[], at: number, doing: Doing): Doing[] => lines.map((d, i) => (i === at ? doing : d));
