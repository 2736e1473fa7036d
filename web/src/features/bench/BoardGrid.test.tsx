// @vitest-environment jsdom
import { screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { board, button, onPage } from '../../testing/page';
import { BoardGrid } from './BoardGrid';

const harbour = board('harbour', 2, 3, button('crab', 0, 0), button('gull', 0, 1), button('eat', 1, 2, { leads: { type: 'opens', board: 'food' } }));

function grid(more: Partial<Parameters<typeof BoardGrid>[0]> = {}) {
  const on = {
    onMark: vi.fn(),
    onOpen: vi.fn(),
    onType: vi.fn(),
    onTakeOff: vi.fn(),
    onRename: vi.fn(),
    onKey: vi.fn(),
    onChoose: vi.fn(),
    onChooseAll: vi.fn(),
    onMove: vi.fn(),
  };
  const page = onPage(
    <BoardGrid board={harbour} looks={{ look: {}, papers: {} }} overlays={new Map()} marked={{ row: 0, column: 0 }} chosen={[]} focus={1} {...on} {...more} />,
  );
  return { ...page, on };
}

describe('the board on the bench', () => {
  it('takes the keys on the marked cell: arrows mark, letters are typed, signs are shortcuts', async () => {
    const { user, on } = grid();
    await user.keyboard('{ArrowRight}');
    expect(on.onMark).toHaveBeenLastCalledWith({ row: 0, column: 1 });
    await user.keyboard('k');
    expect(on.onType).toHaveBeenCalledWith('k');
    await user.keyboard('=');
    expect(on.onKey).toHaveBeenCalledWith('=');
    expect(on.onType).toHaveBeenCalledTimes(1);
    await user.keyboard('{Delete}');
    expect(on.onTakeOff).toHaveBeenCalledWith(harbour.buttons[0]);
  });

  it('marks what is clicked, and chooses more with Ctrl', async () => {
    const { user, on } = grid();
    await user.click(screen.getByRole('gridcell', { name: /gull/ }));
    expect(on.onMark).toHaveBeenLastCalledWith({ row: 0, column: 1 });
    await user.keyboard('{Control>}');
    await user.click(screen.getByRole('gridcell', { name: /crab/ }));
    expect(on.onChoose).toHaveBeenLastCalledWith({ row: 0, column: 0 }, 'this too');
    await user.keyboard('{/Control}');
  });

  it('says of each cell what it is, and what a lens lays over it', () => {
    grid({ overlays: new Map([['0-1', { classes: [], note: '2 taps, 12 cm', told: '2 taps, 12 cm' }]]) });
    expect(screen.getByRole('gridcell', { name: /gull.*2 taps, 12 cm/ })).toBeDefined();
    expect(screen.getAllByRole('gridcell')).toHaveLength(6);
  });
});
