import { queryOptions } from '@tanstack/react-query';
import { answer, client } from '../api/client';
import { fileBody } from '../api/file';

/** What would be kept of some boards, and how many pictures stay as they are a student's. */
export const bundleLook = (vocabulary: number, boards: string[], withAll: boolean) =>
  queryOptions({
    queryKey: ['bundle', vocabulary, boards, withAll],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/bundles/look', { params: { path: { vocabulary }, query: { boards, withAll } } })),
    staleTime: 0,
  });

export const keepBundle = (vocabulary: number, boards: string[], withAll: boolean, name: string) =>
  answer(client.POST('/api/vocabularies/{vocabulary}/bundles', { params: { path: { vocabulary } }, body: { boards, withAll, name } }));

/** A package becomes a bundle of one's own, as a piece of work. */
export const bringInBundle = (file: File) =>
  answer(
    client.POST('/api/bundles/bringing-in', {
      ...fileBody(file),
    }),
  );
