// @vitest-environment jsdom
import { fireEvent, screen } from '@testing-library/react';
import { expect, test } from 'vitest';

import { useState } from 'react';
import { onPage } from '../testing/page';
import { Several } from './Several';

function Boards() {
  const [boards, setBoards] = useState(['play']);
  return (
    <>
      <Several aria-label="Boards" value={boards} onChange={setBoards} options={['animals', 'play', 'places', 'people'].map((value) => ({ value }))} />
      <p data-testid="chosen">{boards.join(' ')}</p>
    </>
  );
}

const field = () => screen.getByRole('combobox');
const chosen = () => screen.getByTestId('chosen').textContent;
const press = (key: string, keyCode: number) => {
  fireEvent.keyDown(field(), { key, keyCode, which: keyCode });
  fireEvent.keyUp(field(), { key, keyCode, which: keyCode });
};

test('what is typed is chosen with Enter, and Tab after it adds nothing', () => {
  onPage(<Boards />);
  fireEvent.change(field(), { target: { value: 'pla' } });
  fireEvent.change(field(), { target: { value: 'places' } });
  press('Enter', 13);
  expect(chosen()).toBe('play places');
  press('Tab', 9);
  expect(chosen()).toBe('play places');
});

test('opened and left by Tab, nothing is chosen; by the arrows something is', () => {
  onPage(<Boards />);
  fireEvent.mouseDown(field());
  press('Tab', 9);
  expect(chosen()).toBe('play');
  fireEvent.mouseDown(field());
  press('ArrowDown', 40);
  press('Enter', 13);
  expect(chosen()).toBe('play animals');
});
