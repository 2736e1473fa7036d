import { t } from '@lingui/core/macro';
import { queryOptions } from '@tanstack/react-query';
import { answer, client } from '../api/client';
import type { Fact, Proposal } from '../api/types';

export const facts = (student: string) =>
  queryOptions({
    queryKey: ['facts', student],
    queryFn: () => answer(client.GET('/api/students/{student}/facts', { params: { path: { student } } })),
  });

export const factTopics = queryOptions({ queryKey: ['fact topics'], queryFn: () => answer(client.GET('/api/fact-topics')), staleTime: Infinity });

/** The words of a vocabulary a fact is about. */
export const proposals = (vocabulary: number, version: number, fact: number) =>
  queryOptions({
    queryKey: ['proposals', vocabulary, version, fact],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/proposals', { params: { path: { vocabulary }, query: { fact } } })),
    staleTime: Infinity,
  });

/** What facts say of a word that is being typed. */
export const factNotes = (vocabulary: number, word: string) =>
  queryOptions({
    queryKey: ['fact notes', vocabulary, word],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/fact-notes', { params: { path: { vocabulary }, query: { word } } })),
    enabled: word !== '',
    staleTime: 60_000,
    retry: false,
  });

export const addFact = (student: string, fact: Pick<Fact, 'what' | 'about' | 'note' | 'saidBy'>) =>
  answer(client.POST('/api/students/{student}/facts', { params: { path: { student } }, body: fact }));
export const removeFact = (student: string, fact: number) =>
  answer(client.DELETE('/api/students/{student}/facts/{fact}', { params: { path: { student, fact } } }));

/** The sorts of fact, with what is asked of each. */
export const SORTS: { what: Fact['what']; name: string; about: string }[] = [
  { what: 'ALLERGY', name: t`an allergy`, about: t`to what` },
  { what: 'DIET', name: t`a diet`, about: t`which` },
  { what: 'FOOD_RULE', name: t`a food rule of faith or family`, about: t`which` },
  { what: 'INTEREST', name: t`an interest`, about: t`in what` },
  { what: 'SCHOOL_YEAR', name: t`the school year`, about: t`its number` },
  { what: 'DIED', name: t`somebody who died`, about: t`the name` },
  { what: 'LEFT', name: t`somebody who left`, about: t`the name` },
  { what: 'FRIGHTENS', name: t`a place or thing that frightens`, about: t`which` },
];

/** Those ticked to begin with: what is sure or likely, is not so already, and no other fact speaks against. */
export const tickedFirst = (all: Proposal[]) =>
  all.filter((p) => p.sure !== 'PERHAPS' && !p.other && (p.does === 'HOLD' ? p.now !== 'HELD' : p.now === 'WAITS')).map((p) => p.button);
