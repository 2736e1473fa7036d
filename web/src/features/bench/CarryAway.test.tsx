// @vitest-environment jsdom
import { screen } from '@testing-library/react';
import { expect, it, vi } from 'vitest';
import { board, button, onPage, vocabulary } from '../../testing/page';
import { CarryAway } from './CarryAway';

const view = vocabulary(board('home', 1, 1, button('I', 0, 0)));

function asked(told: { student?: number; others: number; staying: number; reasons: number }) {
  const onAway = vi.fn();
  const page = onPage(<CarryAway view={view} boardId="home" onAway={onAway} onClose={() => undefined} />, {
    answers: { 'GET /api/vocabularies/7/carrying-away': { student: 0, ...told, name: 'Ilse’s words' } },
  });
  return { ...page, onAway };
}

it('takes along what somebody says, and photos of people only then', async () => {
  const { user, onAway } = asked({ others: 2, staying: 0, reasons: 1 });
  const people = await screen.findByRole('checkbox', { name: '2 photos or voices that may be somebody else’s go along' });
  await user.click(screen.getByRole('radio', { name: 'empty places with the word' }));
  await user.click(screen.getByRole('button', { name: 'Make the file' }));
  expect(onAway).toHaveBeenLastCalledWith({ student: false, others: false, name: true, notes: false, instead: 'EMPTY' });
  await user.click(people);
  await user.click(screen.getByRole('checkbox', { name: 'Why 1 word is held goes along' }));
  await user.click(screen.getByRole('checkbox', { name: 'The name “Ilse’s words” goes along' }));
  expect(screen.queryByRole('radio', { name: 'empty places with the word' })).toBeNull();
  await user.click(screen.getByRole('button', { name: 'Make the file' }));
  expect(onAway).toHaveBeenLastCalledWith({ student: false, others: true, name: false, notes: true, instead: 'EMPTY' });
});

it('says what stays whatever is said, to who only looks', async () => {
  asked({ others: 0, staying: 1, reasons: 0 });
  expect(await screen.findByText(/1 photo of somebody stays at the school: only who changes these boards/)).toBeDefined();
  expect(screen.getAllByRole('checkbox')).toHaveLength(1);
});

it('asks about the student’s own photos by themselves', async () => {
  const { user, onAway } = asked({ student: 1, others: 1, staying: 0, reasons: 0 });
  await user.click(await screen.findByRole('checkbox', { name: /^1 photo or voice of .+ goes along$/ }));
  expect(screen.getByRole('radio', { name: 'drawn symbols in their places' })).toBeDefined();
  await user.click(screen.getByRole('button', { name: 'Make the file' }));
  expect(onAway).toHaveBeenLastCalledWith({ student: true, others: false, name: true, notes: false, instead: 'DRAWN' });
});
