import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem } from '../../api/client';
import type { Board, Revealed, VocabularyView } from '../../api/types';
import { allBoards, vocabulary as vocabularyQuery } from '../../data/boards';
import { revealed } from '../../data/plan';

/** The boards of one version, and what is shown of them. */
export interface Boards {
  view: VocabularyView;
  boards: Board[];
  revealed: Revealed;
}

/**
 * The boards that are talked with. They stay as they were when talk was opened, until whoever talks is between two messages: then `newer` may be taken on.
 * Who may not see them any more sees them no longer.
 */
export function useBoards(id: number) {
  const queries = useQueryClient();
  const view = useQuery(vocabularyQuery(id));
  const boards = useQuery({ ...allBoards(id), staleTime: Infinity });
  const shown = useQuery({ ...revealed(id, view.data?.version ?? 0), enabled: view.data !== undefined });
  const [held, setHeld] = useState<Boards>();
  const here = held?.view.id === id ? held : undefined;
  const changed = here && view.data && view.data !== here.view ? view.data : undefined;
  const next = useQuery({
    queryKey: ['boards of', id, changed?.version],
    queryFn: async () => {
      const now = await Promise.all([queries.fetchQuery({ ...allBoards(id), staleTime: 0 }), queries.fetchQuery(revealed(id, changed!.version))]);
      return { boards: now[0], revealed: now[1] };
    },
    enabled: changed !== undefined && changed.version !== here?.view.version,
    staleTime: Infinity,
  });
  if (!here && view.data && boards.data && shown.data) setHeld({ view: view.data, boards: boards.data, revealed: shown.data });
  const nextData = changed?.version === here?.view.version ? here : next.data;
  const newer = changed && nextData ? { view: changed, boards: nextData.boards, revealed: nextData.revealed } : undefined;
  const lost = view.error instanceof Problem && (view.error.status === 403 || view.error.status === 404);
  return { here, newer, take: setHeld, error: here && !lost ? null : (view.error ?? boards.error ?? shown.error) };
}
