import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import type { ChosenWord } from '../../api/types';
import { bySound, categories, found, pairs, readings, sounds, type How } from '../../data/pictures';
import { questions, type SoundAsk } from './soundQuestions';

/** The most pictures found at once. */
export const MOST = 120;

export interface Tile extends ChosenWord {
  picture: string;
  name: string;
  /** Which meaning of its name it shows, where that has several. */
  gloss?: string;
  why: string;
}

/** What is asked of the pictures, and what is found. */
export type Asking = ReturnType<typeof useAsking>;

/** Asking for pictures by a word, by a category, by a sound; the word asked for stands in the address. */
export function useAsking() {
  const [search, setSearch] = useSearchParams();
  const [query, setQuery] = useState(search.get('word') ?? '');
  const [how, setHow] = useState<How>('TYPED');
  const [sound, setSound] = useState<SoundAsk>();
  const [reading, setReading] = useState(0);
  const [other, setOther] = useState<string>();
  const [category, setCategory] = useState<string>();
  const [picked, setPicked] = useState<string>();

  const said = useQuery(readings(query));
  const words = useQuery({ ...found({ query, how, category, most: MOST }), enabled: !sound && (query.trim() !== '' || category !== undefined) });
  const heard = useQuery(
    bySound(
      sound && !other
        ? { how: sound.how, word: sound.fixed ? '' : query, reading, phone: sound.phone, shape: sound.shape, count: sound.count, most: MOST }
        : undefined,
    ),
  );
  const paired = useQuery(pairs(sound?.phone ?? '', sound && other ? other : undefined));
  const drawers = useQuery(categories);
  const phones = useQuery(sounds);
  const error = words.error ?? heard.error ?? paired.error;
  const spelt = sound?.phone && phones.data?.find((p) => p.code === sound.phone)?.spelt;

  const asked = sound !== undefined || query.trim() !== '' || category !== undefined;
  const tiles: Tile[] = !asked
    ? []
    : sound && other
      ? (paired.data ?? []).flatMap((p) => [p.one, p.other]).map((h) => ({ picture: h.id, word: h.word, name: h.word, why: h.ipa }))
      : sound
        ? (heard.data?.pictures ?? []).map((h) => ({ picture: h.id, word: h.word, name: h.word, why: h.ipa }))
        : (words.data?.pictures ?? []).map((p) => ({ picture: p.id, word: p.name, name: p.name, gloss: p.gloss, why: p.why }));
  const chosen = tiles.find((t) => t.picture === picked) ?? tiles[0];
  const soundChips = questions(said.data?.[Math.min(reading, (said.data?.length ?? 1) - 1)]);

  function ask(text: string) {
    setQuery(text);
    setReading(0);
    setPicked(undefined);
    if (sound && !sound.fixed) setSound(undefined);
    setSearch(text ? { word: text } : {}, { replace: true });
  }

  function askSound(next: SoundAsk | undefined) {
    setSound(next);
    setOther(undefined);
    setPicked(undefined);
  }

  return {
    query,
    how,
    sound,
    reading,
    other,
    category,
    said: said.data ?? [],
    soundChips,
    drawers: drawers.data,
    phones: phones.data ?? [],
    spelt,
    asked,
    tiles,
    chosen,
    error,
    nothing: asked && tiles.length === 0 && !words.isFetching && !heard.isFetching && !paired.isFetching,
    ask,
    askSound,
    askHow: (next: How) => {
      setHow(next);
      askSound(undefined);
    },
    askCategory: (next: string | undefined) => {
      setCategory(next);
      setSound(undefined);
      setPicked(undefined);
    },
    read: setReading,
    pairWith: setOther,
    pick: setPicked,
  };
}
