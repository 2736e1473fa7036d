import { useQuery } from '@tanstack/react-query';
import { useCallback, useMemo, useState } from 'react';
import type { Board, Intention, VocabularyView } from '../../api/types';
import { MEANT, painted, revealed as revealedQuery, stepNow } from '../../data/plan';
import { revealLens } from './revealLens';

/** What the reveal lens lies over a board with, and the step that takes what is tapped. */
export function useReveal(view: VocabularyView | undefined, board: Board | undefined, on: boolean, edit: (made: Intention) => Promise<unknown>) {
  const [taken, take] = useState<string>();
  const { data: revealed } = useQuery({ ...revealedQuery(view?.id ?? 0, view?.version ?? 0), enabled: on && view !== undefined });
  const plan = view?.plan;
  const inHand = plan && (plan.steps.find((s) => s.id === taken) ?? stepNow(plan));
  const step = inHand?.id;
  const paint = useCallback(
    (ids: string[]) => {
      const to = board && step ? painted(board, ids, step) : undefined;
      if (to) void edit({ type: 'put-in-step', words: { ...MEANT, buttons: to.buttons }, step: to.step });
    },
    [board, step, edit],
  );
  return {
    revealed,
    inHand,
    take,
    lens: useMemo(() => (plan && revealed ? revealLens(plan, revealed) : undefined), [plan, revealed]),
    onPaint: on && step ? paint : undefined,
  };
}
