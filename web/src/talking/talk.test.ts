import { describe, expect, it } from 'vitest';
import type { Board, Button } from '../api/types';
import { begin, said as wholeMessage, takeOneOff, tap, tokensOf, type TalkState, type Token } from './talk';
import { button as plain } from '../testing/plain';

const board = (id: string): Board => ({ id, name: id, rows: 1, columns: 1, heights: [], widths: [], look: {}, buttons: [] });
const boards = new Map(['home', 'food', 'fruit'].map((id) => [id, board(id)]));

const button = (label: string, more: Partial<Button> = {}) => plain(label, 0, 0, { kind: 'thing', ...more });
const opens = (to: string): Partial<Button> => ({ says: { type: 'nothing' }, leads: { type: 'opens', board: to } });
const spells = (...letters: string[]): Partial<Button> => ({ says: { type: 'nothing' }, doings: letters.map((l) => ({ type: 'spell', letters: l })) });
const does = (type: 'add-space' | 'take-last-off' | 'clear-message' | 'say-message'): Partial<Button> => ({ says: { type: 'nothing' }, doings: [{ type }] });

/** Taps one button after the other. */
const after = (...buttons: Button[]): TalkState => buttons.reduce((state, b) => tap(state, b, boards, 'home').state, begin('home'));
const read = (message: TalkState['message']) => message.map((t) => t.text).join(' ');
const said = (state: TalkState) => read(state.message);
const spoke = (tapped: ReturnType<typeof tap>) => tapped.performed.map((p) => (p.what === 'say' ? p.text : p.what));

describe('the message', () => {
  it('gathers words in order and speaks each as it is tapped', () => {
    expect(said(after(button('I'), button('want'), button('apple')))).toBe('I want apple');
    expect(spoke(tap(begin('home'), button('I'), boards, 'home'))).toEqual(['I']);
  });

  it('takes what a button says rather than its label', () => {
    expect(said(after(button('ferry', { says: { type: 'words', text: 'The ferry is here.' } })))).toBe('The ferry is here.');
  });

  it('gets nothing from a button that only opens a board, which is not spoken', () => {
    const tapped = tap(begin('home'), button('food', opens('food')), boards, 'home');
    expect(tapped.state.message).toEqual([]);
    expect(tapped.performed).toEqual([]);
  });

  it('is spelled letter by letter into one word until a space or another word', () => {
    const cr = [button('c', spells('c')), button('r', spells('r'))];
    expect(said(after(button('my'), ...cr))).toBe('my cr');
    expect(said(after(...cr, button('space', does('add-space')), button('b', spells('b'))))).toBe('cr b');
    expect(said(after(...cr, button('go'), button('b', spells('b'))))).toBe('cr go b');
  });

  it('loses the last letter while spelling, else the last word', () => {
    const spelled = after(button('my'), button('c', spells('c')), button('r', spells('r')));
    expect(read(takeOneOff(spelled.message))).toBe('my c');
    expect(read(takeOneOff(takeOneOff(spelled.message)))).toBe('my');
    expect(takeOneOff(takeOneOff(takeOneOff(takeOneOff(spelled.message))))).toEqual([]);
  });

  it('is cleared, and spoken whole, by buttons that do so', () => {
    expect(after(button('I'), button('clear', does('clear-message'))).message).toEqual([]);
    expect(tap(after(button('I'), button('go')), button('say', does('say-message')), boards, 'home').performed).toEqual(
      wholeMessage([{ text: 'I go', layers: [] }]),
    );
  });
});

describe('moving between boards', () => {
  it('comes back the way it went, and home from anywhere', () => {
    const deep = after(button('food', opens('food')), button('fruit', opens('fruit')));
    expect(deep.board).toBe('fruit');
    const back = button('back', { says: { type: 'nothing' }, leads: { type: 'back' } });
    expect(tap(deep, back, boards, 'home').state.board).toBe('food');
    expect(tap(tap(deep, back, boards, 'home').state, back, boards, 'home').state.board).toBe('home');
    const home = tap(deep, button('home', { says: { type: 'nothing' }, leads: { type: 'home' } }), boards, 'home').state;
    expect(home).toMatchObject({ board: 'home', trail: [] });
  });

  it('back on a board nothing led to goes home', () => {
    const state = { ...begin('food'), trail: [] };
    expect(tap(state, button('back', { leads: { type: 'back' } }), boards, 'home').state.board).toBe('home');
  });

  it('stays where it is, and says why, when a button leads nowhere', () => {
    const tapped = tap(begin('home'), button('hive', opens('gone')), boards, 'home');
    expect(tapped.state.board).toBe('home');
    expect(tapped.nowhere).toBe(true);
  });

  it('speaks and then opens, for a button that does both', () => {
    const tapped = tap(begin('home'), button('eat', { leads: { type: 'opens', board: 'food' } }), boards, 'home');
    expect(tapped.state.board).toBe('food');
    expect(spoke(tapped)).toEqual(['eat']);
  });
});

describe('whose a spoken word is', () => {
  const token = (text: string, more: Partial<Token> = {}): Token => ({ text, layers: [], ...more });

  it('goes with the pieces that are said', () => {
    const message = [token('I'), token('want to'), token('more', { sound: 'own/1' }), token('', { drawn: 'blob:1' }), token('no', { manner: 'SHOUTED' })];
    expect(tokensOf(message)).toEqual([[0, 1, 1], [2], [4]]);
    expect(tokensOf(message).length).toBe(wholeMessage(message).length);
    expect(tokensOf([])).toEqual([]);
  });

  it('counts what a voice is given', () => {
    expect(tokensOf([token('Dwimble', { as: 'dwim bull' }), token('yes')])).toEqual([[0, 0, 1]]);
  });
});
