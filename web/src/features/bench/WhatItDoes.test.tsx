// @vitest-environment jsdom
import { screen, within } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import type { Doing } from '../../api/types';
import { button, onPage } from '../../testing/page';
import { WhatItDoes } from './WhatItDoes';

function lines(doings: Doing[], disabled = false) {
  const onGive = vi.fn<(given: Doing[]) => void>();
  const page = onPage(
    <WhatItDoes
      button={button('b', 0, 0, { doings })}
      disabled={disabled}
      saying="and says its own label"
      hearing={null}
      onEditing={() => undefined}
      onGive={onGive}
    />,
  );
  return { ...page, onGive };
}

it('shows each thing a button does on a line, in order, also what this Dwimble does not know', () => {
  lines([{ type: 'clear-message' }, { type: 'own-word' }, { type: 'other-action', json: '":native"' }, { type: 'of-later', json: '"glow"' }], true);
  expect(screen.getAllByRole('listitem').map((li) => li.textContent?.trim())).toEqual([
    'and clears the message',
    'and says its own label',
    'and does “:native” in another program',
    'and does something that only a newer Dwimble knows',
  ]);
  expect(screen.queryByRole('button')).toBeNull();
});

it('moves a line by the arrows on what it is taken by, and no further than it goes', async () => {
  const { user, onGive } = lines([{ type: 'clear-message' }]);
  const grip = screen.getByRole('button', { name: /^Move: clears the message/ });
  grip.focus();
  await user.keyboard('{ArrowDown}');
  expect(onGive).not.toHaveBeenCalled();
  await user.keyboard('{ArrowUp}');
  expect(onGive).toHaveBeenLastCalledWith([{ type: 'clear-message' }, { type: 'own-word' }]);
});

it('adds by what is typed: a thing to do by its name, or the words to say', async () => {
  const { user, onGive } = lines([]);
  expect(screen.queryByRole('button', { name: /^Move/ })).toBeNull();
  await user.click(screen.getByRole('button', { name: 'something more…' }));
  await user.keyboard('clear');
  await user.click(await screen.findByTitle('clear the message'));
  expect(onGive).toHaveBeenLastCalledWith([{ type: 'own-word' }, { type: 'clear-message' }]);
  await user.click(screen.getByRole('button', { name: 'something more…' }));
  await user.keyboard('Look here');
  await user.click(await screen.findByTitle('says “Look here” at once'));
  expect(onGive).toHaveBeenLastCalledWith([{ type: 'own-word' }, { type: 'say-text', text: 'Look here' }]);
});

it('has other words typed for what says some, and takes any out', async () => {
  const { user, onGive } = lines([{ type: 'add-words', words: 'please' }]);
  const line = within(screen.getAllByRole('listitem')[1]);
  await user.click(line.getByRole('button', { name: 'adds “please” unheard' }));
  await user.click(await screen.findByRole('menuitem', { name: 'other words…' }));
  await user.keyboard('thank you{Enter}');
  expect(onGive).toHaveBeenLastCalledWith([{ type: 'own-word' }, { type: 'add-words', words: 'thank you' }]);
  await user.click(line.getByRole('button', { name: 'adds “please” unheard' }));
  await user.click(await screen.findByRole('menuitem', { name: 'not this any more' }));
  expect(onGive).toHaveBeenLastCalledWith([{ type: 'own-word' }]);
});
