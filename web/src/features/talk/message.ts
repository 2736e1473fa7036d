import { t } from '@lingui/core/macro';
import type { Board, Button, Layer } from '../../api/types';

/** What the student has said so far, and where: plain data, so that every tap is a function of it. */
export interface Token {
  text: string;
  layers: Layer[];
  /** Letters being spelled; the next letter joins them. */
  spelled?: boolean;
}

export interface TalkState {
  board: string;
  /** Boards that led here, the last one last. */
  trail: string[];
  message: Token[];
  /** Where in the trail the next word comes back to. */
  once?: number;
}

export interface Tapped {
  state: TalkState;
  /** What is spoken at once, if anything. */
  speak?: string;
  /** Another vocabulary of the student that is opened. */
  elsewhere?: number;
  /** What to tell whoever helps, such as that a button leads nowhere. */
  notice?: string;
}

export const begin = (board: string): TalkState => ({ board, trail: [], message: [] });

export const spokenMessage = (message: Token[]) => message.map((t) => t.text).join(' ');

export function tap(state: TalkState, button: Button, boards: Map<string, Board>, home: string): Tapped {
  let message = state.message;
  let speak: string | undefined;
  for (const doing of button.doings) {
    switch (doing.type) {
      case 'spell':
        message = spell(message, doing.letters);
        speak = doing.letters;
        break;
      case 'add-space':
        message = endSpelling(message);
        break;
      case 'take-last-off':
        message = takeOneOff(message);
        break;
      case 'clear-message':
        message = [];
        break;
      case 'say-message':
        speak = spokenMessage(message);
        break;
    }
  }
  const words = button.says.type === 'words' ? button.says.text : button.says.type === 'label' ? button.label : '';
  if (words && button.doings.length === 0) {
    message = [...endSpelling(message), { text: words, layers: button.layers }];
    speak = words;
  }
  const said = { ...state, message };
  switch (button.leads.type) {
    case 'stays': {
      const back = state.once;
      if (back === undefined || speak === undefined || button.doings.length > 0) return { state: said, speak };
      return { state: { board: state.trail[back], trail: state.trail.slice(0, back), message }, speak };
    }
    case 'elsewhere':
      return { state: said, speak, elsewhere: button.leads.vocabulary };
    case 'home':
      return { state: { board: home, trail: [], message }, speak };
    case 'back': {
      const left = state.trail.length - 1;
      if (left < 0) return { state: { board: home, trail: [], message }, speak };
      const once = state.once !== undefined && state.once < left ? state.once : undefined;
      return { state: { board: state.trail[left], trail: state.trail.slice(0, left), message, once }, speak };
    }
    case 'opens': {
      const to = button.leads.board;
      if (!boards.has(to)) return { state: said, speak, notice: t`“${button.label}” leads nowhere yet.` };
      if (to === state.board) return { state: said, speak };
      if (to === home) return { state: { board: home, trail: [], message }, speak };
      const once = state.once ?? (button.leads.once ? state.trail.length : undefined);
      return { state: { board: to, trail: [...state.trail, state.board], message, once }, speak };
    }
  }
}

function spell(message: Token[], letters: string): Token[] {
  const last = message.at(-1);
  return last?.spelled ? [...message.slice(0, -1), { ...last, text: last.text + letters }] : [...message, { text: letters, layers: [], spelled: true }];
}

function endSpelling(message: Token[]): Token[] {
  return message.map((t) => (t.spelled ? { ...t, spelled: false } : t));
}

/** The last letter of a word being spelled, else the last word. */
export function takeOneOff(message: Token[]): Token[] {
  const last = message.at(-1);
  if (!last) return message;
  const shorter = last.spelled ? [...last.text].slice(0, -1).join('') : '';
  return shorter ? [...message.slice(0, -1), { ...last, text: shorter }] : message.slice(0, -1);
}
