// @vitest-environment jsdom
import { screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import type { OwnAbout, ShownOwn } from '../../api/types';
import { onPage } from '../../testing/page';
import { OneOwn } from './OneOwn';

const about: OwnAbout = {
  words: ['Ilse'],
  categories: [],
  audience: 'STUDENT',
  student: 'ilse',
  shows: 'STUDENT',
  origin: 'OWN_PHOTO',
  author: '',
  licence: '',
  source: '',
};
const ilse: ShownOwn = { id: 4, picture: 'own/1', about, takenInBy: 'Odile', madeAt: '2026-11-01T09:00:00Z', boards: 1, mine: true };

const page = () =>
  onPage(<OneOwn picture={ilse} onGone={() => undefined} />, {
    answers: { 'GET /api/students': [{ student: { id: 'ilse', name: 'Ilse' } }], 'GET /api/pictures/categories': [], 'PUT /api/own-pictures/4': ilse },
  });
const radio = (name: string) => screen.findByRole<HTMLInputElement>('radio', { name });

it('says that the student is alone on it only while it is for this student', async () => {
  const { user, asked } = page();
  expect((await radio('Ilse alone')).checked).toBe(true);
  await user.click(await radio('the whole school'));
  expect(screen.queryByRole('radio', { name: /alone$/ })).toBeNull();
  expect((await radio('people')).checked).toBe(true);
  await user.click(screen.getByRole('button', { name: 'Keep' }));
  expect(asked.find((a) => a.method === 'PUT')?.body).toMatchObject({ audience: 'SCHOOL', shows: 'OTHERS' });
});

it('knows for whom it was when it is for one student again', async () => {
  const { user, asked } = page();
  await user.click(await radio('my students'));
  await user.click(await radio('one student'));
  await user.click(await radio('Ilse alone'));
  await user.click(await radio('nobody'));
  await user.click(screen.getByRole('button', { name: 'Keep' }));
  expect(asked.find((a) => a.method === 'PUT')?.body).toMatchObject({ audience: 'STUDENT', student: 'ilse', shows: 'NOBODY' });
});

it('says what follows from whom it shows', async () => {
  const { user } = page();
  expect(await screen.findByText('It stays at the school unless somebody says that it goes.')).toBeDefined();
  await user.click(await radio('nobody'));
  expect(screen.getByText('It may leave the school with boards and lists.')).toBeDefined();
});
