// @vitest-environment jsdom
import { screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { board, button, onPage, vocabulary } from '../../testing/page';
import Talk from './Talk';

const home = board(
  'home',
  2,
  3,
  button('I', 0, 0),
  button('want', 0, 1),
  button('eat', 0, 2, { label: 'eating', says: { type: 'nothing' }, leads: { type: 'opens', board: 'food' } }),
  button('a', 1, 0, { says: { type: 'nothing' }, doings: [{ type: 'spell', letters: 'a' }] }),
  button('held', 1, 1, { label: 'egg', hidden: true }),
  button('loose', 1, 2, { label: 'hive', says: { type: 'nothing' }, leads: { type: 'opens', board: 'gone' } }),
);
const food = board(
  'food',
  1,
  3,
  button('apple', 0, 0),
  button('back', 0, 1, { says: { type: 'nothing' }, leads: { type: 'back' } }),
  button('home', 0, 2, { label: 'to home', says: { type: 'nothing' }, leads: { type: 'home' } }),
);

async function talking(boards = [home, food], more: Record<string, unknown> = {}) {
  const page = onPage(<Talk />, {
    at: '/vocabularies/7/talk',
    route: '/vocabularies/:vocabulary/talk',
    answers: {
      'GET /api/vocabularies/7': vocabulary(...boards),
      'GET /api/vocabularies/7/boards': boards,
      'GET /api/vocabularies/7/revealed': { kept: { held: 'HELD' }, leadsNowhereYet: [] },
      ...more,
    },
  });
  await screen.findByRole('group', { name: 'home' });
  const tap = (name: string) => page.user.click(screen.getByRole('button', { name }));
  const message = () => screen.getByRole('group', { name: 'Message' }).textContent;
  return { ...page, tap, message };
}

describe('talk', () => {
  it('gathers what is tapped, board by board, and takes it off again', async () => {
    const { tap, message } = await talking();
    await tap('I');
    await tap('want');
    await tap('eating');
    expect(screen.getByRole('group', { name: 'food' })).toBeDefined();
    await tap('apple');
    expect(message()).toBe('Iwantapple');
    await tap('take one off');
    expect(message()).toBe('Iwant');
    await tap('back');
    expect(screen.getByRole('group', { name: 'home' })).toBeDefined();
    await tap('clear');
    expect(message()).toBe('');
  });

  it('shows nothing that is held, and has no message to say before a word is tapped', async () => {
    const { tap } = await talking();
    expect(within(screen.getByRole('group', { name: 'home' })).queryByRole('button', { name: 'egg' })).toBeNull();
    const sayIt = screen.getByRole('button', { name: 'Say it' });
    expect(sayIt).toHaveProperty('disabled', true);
    await tap('I');
    expect(sayIt).toHaveProperty('disabled', false);
  });

  it('says that a button leads nowhere, and stays', async () => {
    const { tap } = await talking();
    await tap('hive');
    expect(screen.getByRole('status').textContent).toMatch(/not there|nowhere/);
    expect(screen.getByRole('group', { name: 'home' })).toBeDefined();
  });

  it('puts a word that was offered, and stands on no board, into the form asked for', async () => {
    const says = { type: 'nothing' } as const;
    const keys = board(
      'home',
      1,
      3,
      button('b', 0, 0, { says, doings: [{ type: 'spell', letters: 'b' }] }),
      button('first', 0, 1, { says, doings: [{ type: 'offer-word', place: 1 }] }),
      button('did', 0, 2, { says, doings: [{ type: 'change-form', form: 'PAST' }] }),
    );
    const believe = { word: 'believe', present: 'believes', past: 'believed', goingOn: 'believing' };
    const { tap, message } = await talking([keys], {
      'GET /api/vocabularies/7/word-forms': [],
      'POST /api/vocabularies/7/offered-words': [{ place: 1, text: 'believe', layers: [], forms: believe }],
    });
    await tap('b');
    await screen.findByRole('button', { name: 'believe, offered' });
    await tap('believe, offered');
    await tap('did');
    expect(message()).toBe('believed');
  });

  it('takes a word out of the message that is touched there, and says again what was said lately', async () => {
    localStorage.clear();
    const { tap, message, user } = await talking();
    await tap('I');
    await tap('want');
    await tap('I, to say or take out');
    await tap('take I out');
    expect(message()).toBe('want');
    await tap('want, to say or take out');
    await tap('want, to say or take out');
    expect(screen.queryByRole('button', { name: 'take want out' })).toBeNull();
    expect(screen.queryByRole('group', { name: 'Said lately' })).toBeNull();
    await tap('Say it');
    await tap('clear');
    await user.click(within(screen.getByRole('group', { name: 'Said lately' })).getByRole('button', { name: 'say “want” again' }));
    expect(message()).toBe('want');
  });
});
