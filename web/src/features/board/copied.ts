import type { Button } from '../../api/types';

/** Buttons somebody copied, to be pasted on another board or in another tab of this browser. */
export interface Copied { vocabulary: number; board: string; buttons: string[]; text: string; cut?: boolean }

const KEY = 'dwimble-copied';

/** What stands in the clipboard for who pastes into a letter: the words, one a line. */
export const wordsFor = (buttons: Button[]) => buttons.map((b) => b.label || (b.says.type === 'words' ? b.says.text : '')).filter(Boolean).join('\n');

/** Pasted once, what was cut is where it was pasted. */
export const forgetCopied = () => localStorage.removeItem(KEY);

export function keepCopied(copied: Copied): void {
  localStorage.setItem(KEY, JSON.stringify(copied));
}

/** What was copied last, if the clipboard still holds just that. */
export function copied(text: string): Copied | undefined {
  try {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? 'null') as Copied | null;
    return kept && kept.text === text.replace(/\r\n/g, '\n') ? kept : undefined;
  } catch {
    return undefined;
  }
}
