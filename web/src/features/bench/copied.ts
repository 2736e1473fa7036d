import type { Button } from '../../api/types';

/** Buttons somebody copied, to be pasted on another board or in another tab of this browser. */
export interface Copied {
  vocabulary: number;
  board: string;
  buttons: string[];
  text: string;
  cut?: boolean;
  /** The board's name, if all of it was copied. */ whole?: string;
}

const KEY = 'dwimble-copied';

/** What stands in the clipboard for who pastes into a letter: the words, one a line. */
export const wordsFor = (buttons: Button[]) =>
  buttons
    .map((b) => b.label || (b.says.type === 'words' ? b.says.text : ''))
    .filter(Boolean)
    .join('\n');

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

/** Listens for copy, cut and paste on the whole page, unless they are meant for a field or for text that is selected. */
export function onClipboard(now: () => { copy: (cut: boolean) => void; paste: (text: string) => void } | undefined): () => void {
  const elsewhere = (event: Event) => event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement;
  const copy = (event: ClipboardEvent) => {
    const does = now();
    if (!does || elsewhere(event) || window.getSelection()?.toString()) return;
    event.preventDefault();
    does.copy(event.type === 'cut');
  };
  const paste = (event: ClipboardEvent) => {
    const text = event.clipboardData?.getData('text/plain') ?? '';
    const does = now();
    if (!does || elsewhere(event) || !text.trim()) return;
    event.preventDefault();
    does.paste(text);
  };
  document.addEventListener('copy', copy);
  document.addEventListener('cut', copy);
  document.addEventListener('paste', paste);
  return () => {
    document.removeEventListener('copy', copy);
    document.removeEventListener('cut', copy);
    document.removeEventListener('paste', paste);
  };
}
