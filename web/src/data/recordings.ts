import { queryOptions } from '@tanstack/react-query';
import { answer, client, upload } from '../api/client';
import type { components } from '../api/schema.gen';

export type Recorded = components['schemas']['Recorded'];
export type Shows = 'NOBODY' | 'STUDENT' | 'OTHERS';

/** Whose voice it is. @property by in words; empty if nobody’s */
export interface VoiceOf {
  shows: Shows;
  by: string;
}

/** Takes a recording in; no button has it yet. */
export function takeRecording(vocabulary: number, wav: Blob, word: string, { shows, by }: VoiceOf): Promise<Recorded> {
  const form = new FormData();
  form.append('file', wav, 'recording.wav');
  form.append('word', word);
  form.append('shows', shows);
  form.append('by', by);
  return upload<Recorded>(`/api/vocabularies/${vocabulary}/recordings`, form);
}

/** The sounds that can be put on buttons of a vocabulary. */
export const sounds = (vocabulary: number, version: number) =>
  queryOptions({
    queryKey: ['sounds', vocabulary, version],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/sounds', { params: { path: { vocabulary } } })),
  });
