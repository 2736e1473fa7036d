import { queryOptions } from '@tanstack/react-query';
import { answer, client } from '../api/client';
import { fileBody } from '../api/file';

export const starters = (student: string) =>
  queryOptions({
    queryKey: ['starters', student],
    queryFn: () => answer(client.GET('/api/students/{student}/starters', { params: { path: { student } } })),
  });

export const copyStarter = (student: string, starter: string) =>
  answer(client.POST('/api/students/{student}/vocabularies', { params: { path: { student } }, body: { starter } }));

/** A copy of a vocabulary as it is now, for its student or for another. */
export const copyFor = (student: string, copy: { vocabulary: number; name: string; note?: string; withoutPeople?: boolean }) =>
  answer(client.POST('/api/students/{student}/vocabularies', { params: { path: { student } }, body: copy }));

/** What to ask about people's photos before a copy for another student. */
export const copyingAsks = (student: string, vocabulary: number) =>
  queryOptions({
    queryKey: ['copying', student, vocabulary],
    queryFn: () => answer(client.GET('/api/students/{student}/copying', { params: { path: { student }, query: { vocabulary } } })),
    staleTime: 0,
  });

export const bringInPackage = (student: string, file: File) =>
  answer(
    client.POST('/api/students/{student}/bringing-in', {
      params: { path: { student } },
      ...fileBody(file),
    }),
  );
