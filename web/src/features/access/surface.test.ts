// @vitest-environment jsdom
import { beforeEach, expect, it, vi } from 'vitest';
import type { Scanning } from '../../api/types';
import { choose, surfaceOf } from './surface';

const CELLS = { way: 'CELLS' } as Scanning;
const LEAVE = '<button data-stop="way-out" data-held="leaves">hold to leave</button>';

// Nothing is laid out here: all of it is there.
beforeEach(() => {
  vi.spyOn(Element.prototype, 'getClientRects').mockReturnValue([{}] as unknown as DOMRectList);
});

function root(inside: string): HTMLElement {
  const main = document.createElement('main');
  main.innerHTML = inside;
  return main;
}

it('takes every button of a book in order, and what leads out last, also where the book is the whole page', () => {
  const book = `${LEAVE}<button disabled>before</button><button>the page</button><button>on</button>`;
  for (const shown of [root(book), root(`<div data-rows="1"><button data-stop="cell a">a</button></div><div data-over>${book}</div>`)]) {
    const surface = surfaceOf(shown, CELLS);
    expect(surface.round.map(({ id }) => surface.elements.get(id)?.textContent)).toEqual(['the page', 'on', 'hold to leave']);
  }
});

it('takes of a board what it marks', () => {
  const board = root(`<button>not marked</button><div data-rows="1" data-columns="2"><button data-stop="cell a" data-row="0" data-column="0">a</button></div>`);
  expect([...surfaceOf(board, CELLS).elements.keys()]).toEqual(['cell a']);
});

it('presses what is chosen', () => {
  const book = root(`${LEAVE}<button>on</button>`);
  const pressed: (string | null)[] = [];
  book.addEventListener('click', (e) => pressed.push((e.target as HTMLElement).textContent));
  const surface = surfaceOf(book, CELLS);
  choose(surface, surface.round[0].id);
  expect(pressed).toEqual(['on']);
});
