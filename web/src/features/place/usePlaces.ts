import { useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState } from 'react';
import type { Board, VocabularyView } from '../../api/types';
import { beside, versions } from '../../data/boards';
import { arrowsOn, comparison } from '../../data/places';
import { placesLens } from './placesLens';
import type { With } from './PlacesSide';

/** With what the vocabulary is compared while the places lens lies over it, and what came of it. */
export function usePlaces(view: VocabularyView | undefined, board: Board | undefined, on: boolean) {
  const [chosen, setChosen] = useState<With>();
  const [flipped, setFlipped] = useState(false);
  const { data: all } = useQuery({ ...versions(view?.id ?? 0, view?.version ?? 0), enabled: on && view !== undefined });
  // Unless something else is chosen: the last version somebody named, else the first that is listed.
  const usual = view && (all?.find((v) => v.name && v.number < view.version) ?? all?.at(-1));
  const compared: With = useMemo(() => chosen ?? (usual && view && usual.number < view.version ? { then: usual.number } : {}), [chosen, usual, view]);
  const asked = on && view !== undefined && (compared.then !== undefined || compared.of !== undefined);
  const { data: result } = useQuery({ ...comparison(view?.id ?? 0, view?.version ?? 0, compared), enabled: asked });
  const { data: was } = useQuery({
    ...beside(view?.id ?? 0, compared.then, board?.id ?? '', view?.version ?? 0),
    enabled: on && view !== undefined && compared.then !== undefined,
  });
  const data = asked ? result : undefined;
  if (!on && flipped) setFlipped(false);
  const flip = useCallback(() => setFlipped((now) => !now), []);
  useEffect(() => {
    if (!on) return undefined;
    const keys = (e: KeyboardEvent) => {
      if (e.key === '|' && !(e.target instanceof HTMLInputElement)) flip();
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, [on, flip]);
  return {
    compared,
    onCompare: setChosen,
    comparison: data,
    lens: useMemo(() => (data ? placesLens(data) : undefined), [data]),
    arrows: useMemo(() => (data && board ? arrowsOn(data, board.id) : []), [data, board]),
    then: on ? (was?.then ?? undefined) : undefined,
    flipped: flipped && on,
    flip,
  };
}
