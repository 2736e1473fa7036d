// @vitest-environment jsdom
import { screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { onPage } from '../../testing/page';
import Pictures from './Pictures';

const phone = (code: string, spelt: string, example: string) => ({ code, spelt, example });
const K = phone('K', 'k', 'coat');
const G = phone('G', 'g', 'goat');
const said = (ipa: string) => ({ ipa, shape: 'CVC', syllables: 1, phones: [K, phone('OW', 'o', 'boat'), phone('T', 't', 'tap')] });
const heard = (word: string, ipa: string) => ({ id: `base/${word}`, word, ipa });
const found = (name: string, why = 'this word') => ({ id: `base/${name}`, name, why, sure: true, categories: [] });

function pictures(at = '/pictures') {
  return onPage(<Pictures />, {
    at,
    answers: {
      'GET /api/pictures/categories': [{ name: 'pets', pictures: 2, example: 'base/hamster', ofSchool: false }],
      'GET /api/sounds': [K, G],
      'GET /api/caseload': [],
      'GET /api/pictures': (asked: URLSearchParams) => ({
        pictures: asked.get('category') === 'pets' ? [found('hamster'), found('parrot')] : asked.get('query') === 'coat' ? [found('coat')] : [],
      }),
      'GET /api/pictures/by-sound': (asked: URLSearchParams) => ({
        readings: asked.get('word') === 'tear' ? [said('tɛɹ'), said('tɪɹ')] : asked.get('word') === 'coat' ? [said('koʊt')] : [],
        pictures: asked.get('reading') === '1' ? [heard('ear', 'ɪɹ')] : [heard('bear', 'bɛɹ'), heard('coat', 'koʊt')],
      }),
      'GET /api/pictures/pairs': [{ one: heard('coat', 'koʊt'), other: heard('goat', 'ɡoʊt') }],
    },
  });
}

const tiles = async () => within(await screen.findByRole('list', { name: 'Pictures found' })).getAllByRole('button');

describe('finding pictures', () => {
  it('shows both ways in which a word is said, and takes the one that is meant', async () => {
    const { user } = pictures('/pictures?word=tear');
    await user.click(await screen.findByRole('button', { name: 'rhymes' }));
    expect((await tiles())[0].textContent).toContain('bɛɹ');
    await user.click(screen.getByRole('button', { name: 'said tɪɹ' }));
    await screen.findByText('ear');
    expect(await tiles()).toHaveLength(1);
  });

  it('lays pairs that are one sound apart side by side', async () => {
    const { user } = pictures('/pictures?word=coat');
    await user.click(await screen.findByRole('button', { name: 'starts with k' }));
    await user.click(screen.getByRole('combobox', { name: 'Pairs with another sound' }));
    await user.click(await screen.findByText('g as in goat'));
    await screen.findByText('goat');
    const [row] = within(screen.getByRole('list', { name: 'Pictures found' })).getAllByRole('listitem');
    expect(
      within(row)
        .getAllByRole('button')
        .map((b) => b.textContent),
    ).toEqual(['coatkoʊt', 'goatɡoʊt']);
  });

  it('opens a category, and a picture of it, by keyboard', async () => {
    const { user } = pictures();
    (await screen.findByRole('button', { name: 'pets' })).focus();
    await user.keyboard('{Enter}');
    const [, parrot] = await tiles();
    parrot.focus();
    await user.keyboard('{Enter}');
    expect((await tiles()).map((t) => t.getAttribute('aria-pressed'))).toEqual(['false', 'true']);
  });

  it('gathers each once, and lets one go again', async () => {
    const { user } = pictures('/pictures?word=tear');
    await user.click(await screen.findByRole('button', { name: 'rhymes' }));
    await user.click(await screen.findByRole('button', { name: 'put all 2 on the list' }));
    await user.dblClick((await tiles())[1]);
    await user.click(screen.getByRole('button', { name: 'Take bear off the list' }));
    expect(screen.getByRole('heading', { name: 'The list, 1 word' })).toBeTruthy();
  });

  it('says that nothing was found, and what to do', async () => {
    pictures('/pictures?word=zzqqx');
    expect(await screen.findByText('No picture answers to “zzqqx”. Try a simpler word, or take in a picture of your own.')).toBeTruthy();
  });

  it('ends a question by the sound of a word when another word is typed', async () => {
    const { user } = pictures('/pictures?word=tear');
    await user.click(await screen.findByRole('button', { name: 'rhymes' }));
    const field = screen.getByRole('textbox', { name: 'Find a picture by its word' });
    await user.clear(field);
    await user.type(field, 'coat');
    expect((await screen.findByRole('button', { name: 'is this' })).getAttribute('aria-pressed')).toBe('true');
    expect((await tiles()).map((t) => t.textContent)).toEqual(['coatthis word']);
  });
});
