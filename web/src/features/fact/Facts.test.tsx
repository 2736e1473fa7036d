// @vitest-environment jsdom
import { screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Proposal } from '../../api/types';
import { onPage } from '../../testing/page';
import { Facts } from './Facts';

const found = { id: 4, what: 'ALLERGY', about: 'egg', sentence: 'allergy: egg', note: '', saidBy: 'the family', by: 'Odile' };
const proposed = (button: string, more: Partial<Proposal> = {}) =>
  ({ button, board: 'food', name: 'Food', label: button, does: 'HOLD', now: 'SHOWN', why: 'has it in it', sure: 'SURE', ...more }) as Proposal;

async function adding() {
  const edits: unknown[] = [];
  const page = onPage(
    <Facts
      student={{ id: 'ilse', name: 'Ilse' }}
      vocabulary={{ id: 7, version: 3, step: 's1' }}
      onEdit={(edit) => {
        edits.push(edit);
        return Promise.resolve();
      }}
    />,
    {
      answers: {
        'GET /api/students/ilse/facts': [],
        'GET /api/fact-topics': ['egg', 'elderberry', 'milk'],
        'POST /api/students/ilse/facts': found,
        'GET /api/vocabularies/7/proposals': [proposed('egg'), proposed('cake', { sure: 'PERHAPS' }), proposed('custard', { now: 'HELD' })],
      },
    },
  );
  await page.user.click(await screen.findByRole('button', { name: 'add a fact' }));
  const dialog = await screen.findByRole('dialog', { name: 'A fact about Ilse' });
  return { ...page, dialog, edits, asked: page.asked };
}

describe('a fact about a student', () => {
  it('is told as it was typed, with its note and who said so', async () => {
    const { user, dialog, asked } = await adding();
    await user.type(within(dialog).getByRole('combobox', { name: 'to what' }), 'egg');
    await user.type(within(dialog).getByRole('textbox', { name: /A note/ }), 'also traces');
    await user.type(within(dialog).getByRole('textbox', { name: /Who said so/ }), 'the family');
    await user.click(within(dialog).getByRole('button', { name: /Keep it/ }));
    await screen.findByRole('dialog', { name: 'allergy: egg' });
    expect(asked.find((a) => a.method === 'POST')?.body).toEqual({ what: 'ALLERGY', about: 'egg', note: 'also traces', saidBy: 'the family' });
  });

  it('asks what belongs to its sort, keeps what is typed when the sort changes, and is kept by Enter', async () => {
    const { user, dialog, asked } = await adding();
    await user.type(within(dialog).getByRole('combobox', { name: 'to what' }), 'hen');
    await user.click(within(dialog).getByRole('combobox', { name: 'What sort of fact' }));
    await user.click(await screen.findByText('somebody who died'));
    const about = within(dialog).getByRole('combobox', { name: 'the name' });
    await user.type(about, 'k{Enter}');
    await screen.findByRole('dialog', { name: 'allergy: egg' });
    expect(asked.find((a) => a.method === 'POST')?.body).toMatchObject({ what: 'DIED', about: 'henk' });
  });

  it('proposes its words, the sure ones ticked, and holds those that stay ticked', async () => {
    const { user, dialog, edits } = await adding();
    await user.type(within(dialog).getByRole('combobox', { name: 'to what' }), 'egg{Enter}');
    const words = await screen.findByRole('list', { name: 'Words it is about' });
    expect(
      within(words)
        .getAllByRole('checkbox')
        .map((box) => (box as HTMLInputElement).checked),
    ).toEqual([true, false, false]);
    await user.click(within(words).getByRole('checkbox', { name: /cake/ }));
    await user.click(screen.getByRole('button', { name: 'Hold 2' }));
    expect(edits).toMatchObject([{ type: 'hold-words', words: { buttons: ['egg', 'cake'] }, reason: 'allergy: egg', fact: true }]);
  });
});
