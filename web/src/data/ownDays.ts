import { queryOptions } from '@tanstack/react-query';
import { answer, client } from '../api/client';
import type { OwnDays } from '../api/types';

type Comes = OwnDays['days'][number]['comes'];

/** What a student looks forward to, and in which time zone. */
export const ownDays = (student: string) =>
  queryOptions({
    queryKey: ['own days', student],
    queryFn: () => answer(client.GET('/api/students/{student}/days', { params: { path: { student } } })),
  });

export const addOwnDay = (student: string, day: { name: string; date: string; comes: Comes }) =>
  answer(client.POST('/api/students/{student}/days', { params: { path: { student } }, body: day }));

export const removeOwnDay = (student: string, day: number) =>
  answer(client.DELETE('/api/students/{student}/days/{day}', { params: { path: { student, day } } }));

/** @param zone undefined for where the school is */
export const liveIn = (student: string, zone?: string) =>
  answer(client.PUT('/api/students/{student}/days/zone', { params: { path: { student } }, body: { zone } }));

/** Where the school is. Without a half of the earth it has that of its zone. */
export const placeSchool = (place: { zone: string; half?: 'NORTHERN' | 'SOUTHERN' }) => answer(client.PUT('/api/care/place', { body: place }));
