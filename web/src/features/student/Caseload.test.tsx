// @vitest-environment jsdom
import { screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { onPage } from '../../testing/page';
import { Caseload } from './Caseload';

const row = (id: string, name: string, may: string[]) => ({
  student: { id, name, className: 'Kittiwake', appearance: {}, placesKept: false, screen: {} },
  role: 'VIEWER',
  may,
  vocabulary: { id: 7, name: `${name}’s words`, rows: 2, columns: 3, words: 6, shown: 4, boards: 1, changedAt: '2026-11-29T09:00:00Z', change: 'put it' },
  vocabularies: 1,
});

async function caseload(...rows: ReturnType<typeof row>[]) {
  const page = onPage(<Caseload />, { at: '/caseload', route: '/caseload', answers: { 'GET /api/students': rows, 'GET /api/glances': [] } });
  const first = await screen.findByRole('listitem', { name: rows[0].student.name });
  return { ...page, first };
}

describe('the caseload shows what may be done', () => {
  it('is the way to talk and nothing else on a tablet that only talks', async () => {
    const { first } = await caseload(row('ilse', 'Ilse', ['SEE', 'TALK']));
    expect(
      within(first)
        .getAllByRole('link')
        .map((l) => l.textContent),
    ).toEqual(['Talk']);
    expect(first.textContent).not.toContain('words shown');
    expect(screen.queryByRole('button')).toBeNull();
    expect(screen.queryByLabelText('Where is a word, for each student?')).toBeNull();
  });

  it('has no way to talk for who looks and prints', async () => {
    const { first } = await caseload(row('ilse', 'Ilse', ['SEE', 'LOOK', 'PRINT']));
    expect(
      within(first)
        .getAllByRole('link')
        .map((l) => l.textContent),
    ).toEqual(['Ilse', 'Boards', 'Print']);
    expect(screen.queryByRole('button', { name: 'Add a student' })).toBeNull();
  });

  it('lets an owner add and delete', async () => {
    const { first, user } = await caseload(row('ilse', 'Ilse', ['SEE', 'TALK', 'LOOK', 'PRINT', 'TAKE', 'KNOW', 'CHANGE', 'OWN']));
    expect(within(first).getByRole('link', { name: 'Talk' })).toBeDefined();
    expect(screen.getByRole('button', { name: 'Add a student' })).toBeDefined();
    await user.click(within(first).getByRole('button', { name: 'More for Ilse' }));
    expect(await screen.findByText('Delete Ilse…')).toBeDefined();
  });
});
