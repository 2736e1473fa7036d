import type { Board, Button, Layer } from '../api/types';
import { wordsIn } from '../data/wordAt';
import { effectsOf } from './doings';
import type { Fitting, Form } from './fitting';
import { plainly, type Effect, type Manner, type Performed, type Say } from './effects';

// What tapping does, as core has it (`talk`); both are tried on the same cases.

/** One word of the message. */
export interface Token {
  text: string;
  layers: Layer[];
  /** Letters being spelled; the next letter joins them. False once the word is spelled to its end, or was taken from those offered. */
  spelled?: boolean;
  /** Heard in place of the voice. */
  sound?: string;
  /** What a voice is given for it, if that is not its text. */
  as?: string;
  manner?: Manner;
  /** The address of what was drawn; it has no words. */
  drawn?: string;
}

/** What the student has said so far, and where: plain data, so that every tap is a function of it. */
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
  /** What is heard, or turned up or down, in order. */
  performed: Performed[];
  /** Another vocabulary of the student that is opened. */
  elsewhere?: number;
  /** It opens a board that is not there. */
  nowhere?: boolean;
}

export const begin = (board: string): TalkState => ({ board, trail: [], message: [] });

/** A message as it is said: words in one manner go on in one breath; one that has a sound is heard as that. */
export function said(message: Token[]): Say[] {
  const all: Say[] = [];
  for (const token of message) {
    if (token.drawn) continue;
    const manner = token.manner ?? 'PLAINLY';
    const spoken = token.as ?? token.text;
    const before = all.at(-1);
    if (before && !before.sound && !token.sound && before.manner === manner)
      all[all.length - 1] = { ...before, text: `${before.text} ${token.text}`, spoken: `${before.spoken} ${spoken}` };
    else all.push({ what: 'say', text: token.text, spoken, sound: token.sound, manner });
  }
  return all;
}

/** Whose each spoken word of a message is, for each piece that is said: the place of its token among all of them. */
export function tokensOf(message: Token[]): number[][] {
  const pieces: number[][] = [];
  let before: { manner: Manner; sound?: string } | undefined;
  message.forEach((token, place) => {
    if (token.drawn) return;
    const manner = token.manner ?? 'PLAINLY';
    const words = wordsIn(token.as ?? token.text).map(() => place);
    if (before && !before.sound && !token.sound && before.manner === manner) pieces.at(-1)!.push(...words);
    else pieces.push(token.sound ? [place] : words);
    before = { manner, sound: token.sound };
  });
  return pieces;
}

/** The words a button says; empty if it says none. */
export const wordsOf = (button: Button) => (button.says.type === 'words' ? button.says.text : button.says.type === 'nothing' ? '' : button.label);

/** All it does in order, what it says among them: first, unless it is put elsewhere. */
const inOrder = (button: Button): Button['doings'] =>
  button.doings.some((d) => d.type === 'own-word') ? button.doings : [{ type: 'own-word' }, ...button.doings];

/** What a tap needs to know besides the message. */
export interface Around {
  /** Of the words that can be said. */
  forms?: Fitting;
  /** Of the student. */
  name?: string;
  /** Words offered while one is spelt, by place. */
  offered?: (Token | undefined)[];
}

function turned(text: string): string {
  const [first = '', ...rest] = text;
  const capital = first.toUpperCase();
  return (first === capital ? first.toLowerCase() : capital) + rest.join('');
}

/** What comes of what a button says and does, wherever it leads. */
export function saidAndDone(button: Button, message: Token[], around: Around = {}): { message: Token[]; performed: Performed[]; word: boolean } {
  const performed: Performed[] = [];
  let now = message;
  let word = false;
  /** Unless the button has its own way of saying it. */
  const hear = (text: string) => {
    if (!wordsOf(button) && !button.sound) performed.push(plainly(text));
  };
  const follow = (effect: Effect) => {
    switch (effect.what) {
      case 'word': {
        const own = ownWord(button);
        word = own !== undefined;
        if (own?.token) now = [...endSpelling(now), own.token];
        if (own?.heard) performed.push(own.heard);
        break;
      }
      case 'add':
        now = [...endSpelling(now), { text: effect.words, layers: [] }];
        break;
      case 'letters':
        now = spell(now, effect.letters);
        hear(effect.letters);
        break;
      case 'end word':
        now = endSpelling(now);
        break;
      case 'formed': {
        const made = formed(now, effect.form, around.forms);
        if (!made) break;
        now = [...now.slice(0, -1), { text: made, layers: now.at(-1)!.layers }];
        hear(made);
        break;
      }
      case 'offered': {
        const offered = around.offered?.[effect.place - 1];
        if (!offered) break;
        now = [...(now.at(-1)?.spelled ? now.slice(0, -1) : now), { ...offered, spelled: false }];
        word = true;
        hear(offered.text);
        break;
      }
      case 'capital':
        now = now.map((token, i) => (i === now.length - 1 ? { ...token, text: turned(token.text) } : token));
        break;
      case 'name':
        if (!around.name) break;
        now = [...endSpelling(now), { text: around.name, layers: [] }];
        hear(around.name);
        break;
      case 'last letter': {
        const letter = [...(now.at(-1)?.text ?? '')].at(-1);
        if (letter) performed.push(plainly(letter));
        break;
      }
      case 'take off':
        now = takeOneOff(now);
        break;
      case 'clear':
        now = [];
        break;
      case 'say all':
        performed.push(...said(now));
        break;
      default:
        performed.push(effect);
    }
  };
  inOrder(button).flatMap(effectsOf).forEach(follow);
  return { message: now, performed, word };
}

function ownWord(button: Button): { token?: Token; heard?: Say } | undefined {
  const text = wordsOf(button);
  const { sound, how } = button;
  if (!text && !sound) return undefined;
  const manner = how?.manner ?? 'PLAINLY';
  return {
    token: text && how?.when !== 'AT_ONCE' ? { text, layers: button.layers, sound, as: how?.as, manner } : undefined,
    heard: how?.when !== 'WITH_MESSAGE' || !text ? { what: 'say', text, spoken: how?.as ?? text, sound, manner } : undefined,
  };
}

/** The last word in a form; undefined if it has none, or no forms are known. */
export function formed(message: Token[], form: Form, forms?: Fitting): string | undefined {
  const last = message.at(-1);
  return last && !last.drawn ? forms?.changed(message.at(-2)?.text, last.text, form) : undefined;
}

/** What was drawn, at the end of the message. */
export const withDrawn = (message: Token[], picture: string): Token[] => [...endSpelling(message), { text: '', layers: [], drawn: picture }];

export function tap(state: TalkState, button: Button, boards: Map<string, Board>, home: string, around?: Around): Tapped {
  const { message, performed, word } = saidAndDone(button, state.message, around);
  const stays = { ...state, message };
  switch (button.leads.type) {
    case 'stays': {
      const back = state.once;
      if (back === undefined || !word) return { state: stays, performed };
      return { state: { board: state.trail[back], trail: state.trail.slice(0, back), message }, performed };
    }
    case 'of-later':
      return { state: stays, performed };
    case 'elsewhere':
      return { state: stays, performed, elsewhere: button.leads.vocabulary };
    case 'home':
      return { state: { board: home, trail: [], message }, performed };
    case 'back': {
      const left = state.trail.length - 1;
      if (left < 0) return { state: { board: home, trail: [], message }, performed };
      const once = state.once !== undefined && state.once < left ? state.once : undefined;
      return { state: { board: state.trail[left], trail: state.trail.slice(0, left), message, once }, performed };
    }
    case 'opens': {
      const to = button.leads.board;
      if (!boards.has(to)) return { state: stays, performed, nowhere: true };
      if (to === state.board) return { state: stays, performed };
      if (to === home) return { state: { board: home, trail: [], message }, performed };
      const once = state.once ?? (button.leads.once ? state.trail.length : undefined);
      return { state: { board: to, trail: [...state.trail, state.board], message, once }, performed };
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
