// @vitest-environment jsdom
import { screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { WordList } from '../../api/types';
import { onPage } from '../../testing/page';
import { WordsColumn } from './WordsColumn';

const word = (id: string, text = id) => ({ id, text, pictures: [], not: false, times: 1 });
const list = (changes = true) =>
  ({ words: [word('1', 'ferry'), word('2', 'bag'), word('3', 'seal')], may: changes ? ['LOOK', 'CHANGE'] : ['LOOK'] }) as unknown as WordList;

function column(view = list()) {
  const onAct = vi.fn(async () => view);
  return {
    ...onPage(<WordsColumn view={view} onAct={onAct} />),
    onAct,
    row: (text: string) => screen.getByRole('listitem', { name: new RegExp(`^${text},`) }),
  };
}

describe('the words of a list', () => {
  it('are typed and put in by Enter; what was not taken stays in the line', async () => {
    const { user, onAct } = column();
    const line = screen.getByLabelText('Type or paste words');
    await user.type(line, 'gull{Enter}');
    expect(onAct).toHaveBeenCalledWith({ what: 'words', text: 'gull' });
    expect(line).toHaveProperty('value', '');
    onAct.mockResolvedValueOnce(undefined as unknown as WordList);
    await user.type(line, 'kite{Enter}');
    expect(line).toHaveProperty('value', 'kite');
  });

  it('are pasted as many at once, and a single one goes into the line', async () => {
    const { user, onAct } = column();
    await user.click(screen.getByLabelText('Type or paste words'));
    await user.paste('crab\nshell, rope');
    expect(onAct).toHaveBeenCalledWith({ what: 'words', text: 'crab\nshell, rope' });
    onAct.mockClear();
    await user.paste('kite');
    expect(onAct).not.toHaveBeenCalled();
  });

  it('are walked by arrows, moved by Alt and arrows, and taken out', async () => {
    const { user, onAct, row } = column();
    row('ferry').focus();
    await user.keyboard('{ArrowDown}');
    expect(document.activeElement).toBe(row('bag'));
    await user.keyboard('{Alt>}{ArrowDown}{/Alt}');
    expect(onAct).toHaveBeenLastCalledWith({ what: 'edit', edit: { type: 'move-words', ids: ['2'], before: undefined } });
    await user.keyboard('{Alt>}{ArrowUp}{/Alt}');
    expect(onAct).toHaveBeenLastCalledWith({ what: 'edit', edit: { type: 'move-words', ids: ['2'], before: '1' } });
    await user.keyboard('{Delete}');
    expect(onAct).toHaveBeenLastCalledWith({ what: 'edit', edit: { type: 'take-out', ids: ['2'] } });
    expect(document.activeElement).toBe(row('seal'));
    onAct.mockClear();
    row('ferry').focus();
    await user.keyboard('{Alt>}{ArrowUp}{/Alt}');
    expect(onAct, 'the first cannot go further up').not.toHaveBeenCalled();
  });

  it('are only looked at by who may not change them', async () => {
    const { user, onAct, row } = column(list(false));
    expect(screen.queryByLabelText('Type or paste words')).toBeNull();
    expect(screen.queryByRole('button', { name: 'Take bag out' })).toBeNull();
    row('bag').focus();
    await user.keyboard('{Delete}');
    expect(onAct).not.toHaveBeenCalled();
  });
});
