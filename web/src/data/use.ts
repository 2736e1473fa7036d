import { queryOptions } from '@tanstack/react-query';
import { answer, client, done } from '../api/client';
import type { VocabularyView } from '../api/types';
import type { Said } from '../pack/store';
import { keepLater } from './later';

/** What a student said of a vocabulary's words. */
export const useOf = (vocabulary: number) =>
  queryOptions({
    queryKey: ['use', vocabulary],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/use', { params: { path: { vocabulary } } })),
    staleTime: 0,
  });

export const deleteUse = (student: string) => done(client.DELETE('/api/students/{student}/use', { params: { path: { student } } }));

/** More than this stand in no one sending. */
const MOST_WORDS = 400;
const MOST_MESSAGES = 90;

type Gathered = Pick<Said, 'words' | 'messages'>;
const EMPTY: Gathered = { words: {}, messages: [] };

/** Gathers what is said while talking, as much of it as was agreed to, and keeps it on the device until it is sent. */
export class Gathering {
  private now: Gathered = EMPTY;

  constructor(
    private readonly of: { vocabulary: number; account: number },
    private readonly agreed: NonNullable<VocabularyView['student']>['useKept'],
  ) {}

  words(all: string[]): void {
    if (!this.counts()) return;
    for (const word of all) this.now = { ...this.now, words: { ...this.now.words, [word]: (this.now.words[word] ?? 0) + 1 } };
    if (Object.keys(this.now.words).length >= MOST_WORDS) void this.keep();
  }

  message(text: string): void {
    if (this.agreed !== 'MESSAGES' || !text) return;
    this.now = { ...this.now, messages: [...this.now.messages, { at: new Date().toISOString(), text }] };
    if (this.now.messages.length >= MOST_MESSAGES) void this.keep();
  }

  /** On the device, in one piece that is sent once. */
  async keep(): Promise<void> {
    const { words, messages } = this.now;
    if (Object.keys(words).length === 0 && messages.length === 0) return;
    this.now = EMPTY;
    await keepLater({ what: 'said', ...this.of, day: dayOf(new Date()), words, messages });
  }

  private counts(): boolean {
    return (this.agreed === 'COUNTS' || this.agreed === 'MESSAGES') && 'indexedDB' in globalThis;
  }
}

/** Where the student is, as ISO 8601 has it. */
const dayOf = (now: Date) => new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10);
