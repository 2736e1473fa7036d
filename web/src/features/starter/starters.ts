import { queryOptions } from '@tanstack/react-query';
import { answer, client } from '../../api/client';

export const starters = (student: string) =>
  queryOptions({
    queryKey: ['starters', student],
    queryFn: () => answer(client.GET('/api/students/{student}/starters', { params: { path: { student } } })),
  });

export const copyStarter = (student: string, starter: string) =>
  answer(client.POST('/api/students/{student}/vocabularies', { params: { path: { student } }, body: { starter } }));

/** A copy of a vocabulary beside it, for the same student. */
export const copyOf = (student: string, vocabulary: number, name: string) =>
  answer(client.POST('/api/students/{student}/vocabularies', { params: { path: { student } }, body: { vocabulary, name } }));

export const bringInPackage = (student: string, file: File) =>
  answer(client.POST('/api/students/{student}/packages', {
    params: { path: { student } },
    body: { file: file as unknown as string },
    bodySerializer: () => { const form = new FormData(); form.append('file', file); return form; },
  }));
