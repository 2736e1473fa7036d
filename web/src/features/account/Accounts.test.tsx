// @vitest-environment jsdom
import { screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { onPage } from '../../testing/page';
import { Accounts } from './Accounts';

const line = (signIn: string, name: string, admin: boolean, students: number) => ({ account: { id: students + 1, signIn, name, work: '', admin }, students });

it('tells who can sign in with numbers alone, and makes an account', async () => {
  const { user, asked } = onPage(<Accounts onClose={() => undefined} />, {
    at: '/caseload',
    route: '/caseload',
    answers: {
      'GET /api/accounts': [line('office', 'Bea', true, 0), line('marit', 'Marit', false, 4)],
      'PUT /api/accounts/marit/keeping': [line('office', 'Bea', true, 0), line('marit', 'Marit', true, 4)],
      'POST /api/accounts': { id: 9, signIn: 'ilse at home', name: 'Ilse’s tablet', work: '', admin: false },
    },
  });
  expect((await screen.findAllByRole('listitem')).map((l) => l.textContent)).toEqual([
    'Beasigns in as officeno studentlooks after the accounts',
    'Maritsigns in as marit4 studentslooks after the accounts',
  ]);
  await user.click(screen.getByRole('checkbox', { name: 'Marit looks after the accounts' }));
  expect(await screen.findByRole('checkbox', { name: 'Marit looks after the accounts', checked: true })).toBeDefined();

  await user.type(screen.getByLabelText('Name'), 'Ilse’s tablet');
  await user.type(screen.getByLabelText('Name to sign in with'), 'ilse at home');
  await user.type(screen.getByLabelText('First password, at least 8 characters'), 'low tide at nine');
  await user.click(screen.getByRole('button', { name: 'Make the account' }));
  expect((await screen.findByRole('status')).textContent).toContain('Ilse’s tablet can sign in as “ilse at home” now.');
  expect(asked.find((a) => a.method === 'POST')?.body).toEqual({ name: 'Ilse’s tablet', work: '', signIn: 'ilse at home', password: 'low tide at nine' });
});
