import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { answer, client, done, upload, uploadForFile } from '../api/client';
import type { Layer, OwnAbout, ShownOwn, TakenIn } from '../api/types';

export type How = 'TYPED' | 'WHOLE_WORD' | 'STARTS' | 'ENDS' | 'INSIDE' | 'MEANING';
export type SoundsHow = 'RHYMES' | 'STARTS' | 'ENDS' | 'INSIDE' | 'ONE_APART' | 'SHAPE' | 'SYLLABLES';

export interface Asked {
  query: string;
  how?: How;
  category?: string;
  student?: string;
  language?: string;
  most: number;
}

/** So much of what is typed is looked for: the end of it, as of a list the last word is meant. */
export const LONGEST = 200;

/** The board a word is for: its student is asked for, and of several meanings the one it speaks of comes first. */
export interface OnBoard {
  vocabulary: number;
  version: number;
  board: string;
}

/** For a board, words are looked for as they are typed there: not in a category, nor in any other way. */
export const found = (asked: Asked, on?: OnBoard) =>
  queryOptions({
    queryKey: ['pictures', 'found', asked, on],
    queryFn: () => {
      const query = { ...asked, query: asked.query.slice(-LONGEST) };
      return answer(
        on
          ? client.GET('/api/vocabularies/{vocabulary}/pictures', { params: { path: on, query: { ...query, board: on.board } } })
          : client.GET('/api/pictures', { params: { query } }),
      );
    },
    enabled: asked.query.trim() !== '' || asked.category !== undefined,
    staleTime: 60_000,
    placeholderData: keepPreviousData,
  });

export interface SoundAsked {
  how: SoundsHow;
  word?: string;
  reading?: number;
  phone?: string;
  shape?: string;
  count?: number;
  most: number;
}

export const bySound = (asked: SoundAsked | undefined) =>
  queryOptions({
    queryKey: ['pictures', 'sound', asked],
    queryFn: () => answer(client.GET('/api/pictures/by-sound', { params: { query: asked! } })),
    enabled: asked !== undefined,
    staleTime: 60_000,
  });

export const pairs = (one: string, other: string | undefined) =>
  queryOptions({
    queryKey: ['pictures', 'pairs', one, other],
    queryFn: () => answer(client.GET('/api/pictures/pairs', { params: { query: { one, other: other! } } })),
    enabled: other !== undefined,
  });

/** How a word is said, in every reading it has. */
export const readings = (word: string) =>
  queryOptions({
    queryKey: ['pictures', 'readings', word],
    queryFn: () =>
      answer(client.GET('/api/pictures/by-sound', { params: { query: { how: 'RHYMES', word: word.slice(-LONGEST), most: 1 } } })).then(
        (heard) => heard.readings,
      ),
    enabled: word.trim() !== '',
    staleTime: Infinity,
  });

export const categories = queryOptions({
  queryKey: ['pictures', 'categories'],
  queryFn: () => answer(client.GET('/api/pictures/categories')),
  staleTime: 60_000,
});
export const sounds = queryOptions({ queryKey: ['sounds'], queryFn: () => answer(client.GET('/api/sounds')), staleTime: Infinity });

export const about = (id: string | undefined) =>
  queryOptions({
    queryKey: ['pictures', 'about', id],
    queryFn: () => {
      const [set, name] = id!.split('/');
      return answer(client.GET('/api/pictures/{set}/{name}', { params: { path: { set, name } } }));
    },
    enabled: id !== undefined,
    staleTime: 60_000,
  });

export const used = (student: string | undefined) =>
  queryOptions({
    queryKey: ['pictures', 'used', student],
    queryFn: () => answer(client.GET('/api/students/{student}/pictures', { params: { path: { student: student! } } })),
    enabled: student !== undefined,
  });

export const creditsOfList = (list: number) =>
  queryOptions({
    queryKey: ['list', list, 'credits'],
    queryFn: () => answer(client.GET('/api/lists/{list}/credits', { params: { path: { list } } })),
    staleTime: 0,
  });

export const credits = (vocabulary: number) =>
  queryOptions({
    queryKey: ['vocabulary', vocabulary, 'credits'],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/credits', { params: { path: { vocabulary } } })),
    staleTime: 0,
  });

export const outside = (query: string) =>
  queryOptions({
    queryKey: ['outside', query],
    queryFn: ({ signal }) => answer(client.GET('/api/outside-pictures', { params: { query: { query } }, signal })),
    retry: false,
    staleTime: 60_000,
  });

export type Offered = { id: string; title: string; licence: string; author: string };

export const keepOutside = (word: string, { id, title, licence, author }: Offered) =>
  answer(client.POST('/api/outside-pictures/{id}', { params: { path: { id } }, body: { word, title, licence, author } }));

export const ownPictures = queryOptions({ queryKey: ['own-pictures'], queryFn: () => answer(client.GET('/api/own-pictures')) });

export const changeOwn = (id: number, body: OwnAbout) => answer(client.PUT('/api/own-pictures/{id}', { params: { path: { id } }, body }));
export const deleteOwn = (id: number) => done(client.DELETE('/api/own-pictures/{id}', { params: { path: { id } } }));
export interface Retouched {
  quarters: number;
  x: number;
  y: number;
  side: number;
  brighten: number;
  withoutGround: boolean;
}

export const retouch = (id: number, body: Retouched): Promise<ShownOwn> =>
  answer(client.POST('/api/own-pictures/{id}/retouch', { params: { path: { id } }, body }));

/** A picture as a file, from where it is shown. */
export const pictureFile = (address: string, name: string) =>
  queryOptions({
    queryKey: ['pictures', 'file', address],
    queryFn: async () => {
      const file = await (await fetch(address)).blob();
      return new File([file], name, { type: file.type });
    },
    staleTime: Infinity,
  });

/** The ways to put pictures together. */
export const arrangements = queryOptions({
  queryKey: ['arrangements'],
  queryFn: () => answer(client.GET('/api/pictures/arrangements')),
  staleTime: Infinity,
});

/** Words that were put on boards of this school without a picture, most often first. */
export const askedFor = queryOptions({ queryKey: ['pictures', 'asked-for'], queryFn: () => answer(client.GET('/api/pictures/asked-for')), staleTime: 0 });

/** Keeps a picture put together out of the library's, under its word. */
export const keepMade = (made: { parts: Layer[]; word: string; audience: OwnAbout['audience']; student?: string }): Promise<ShownOwn> =>
  answer(client.POST('/api/own-pictures/made', { body: made }));

/** A photo without the ground it was taken on. Nothing of it is kept by the server. */
export async function cutout(photo: File): Promise<File> {
  const form = new FormData();
  form.append('file', photo);
  const cut = await uploadForFile('/api/own-pictures/cutout', form);
  return new File([cut], photo.name.replace(/\.[^.]*$/, '') + '.png', { type: cut.type });
}

/** Sends one file with what is known of it; no words take the file's name. */
export function takeIn(file: File, facts: Omit<OwnAbout, 'words'> & { words?: string[] }): Promise<TakenIn> {
  const form = new FormData();
  form.append('file', file);
  for (const word of facts.words ?? []) form.append('words', word);
  for (const category of facts.categories) form.append('categories', category);
  form.append('audience', facts.audience);
  if (facts.student) form.append('student', facts.student);
  form.append('shows', facts.shows);
  form.append('origin', facts.origin);
  form.append('author', facts.author);
  form.append('licence', facts.licence);
  form.append('source', facts.source);
  return upload<TakenIn>('/api/own-pictures', form);
}
