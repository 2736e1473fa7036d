import { useCallback, useEffect, useEffectEvent, useState } from 'react';

/** Which of some pages is open, turned by touch, keys, or a switch that sends keys. */
export function usePages(count: number, { onTurn, onLeave }: { onTurn?: (page: number) => void; onLeave: () => void }) {
  const [page, setPage] = useState(0);
  const at = Math.min(page, Math.max(0, count - 1));
  const go = useCallback(
    (to: number) => {
      if (to < 0 || to >= count) return;
      setPage(to);
      onTurn?.(to);
    },
    [count, onTurn],
  );
  const keys = useEffectEvent((e: KeyboardEvent) => {
    if (e.key === 'ArrowRight' || e.key === 'PageDown') go(at + 1);
    else if (e.key === 'ArrowLeft' || e.key === 'PageUp') go(at - 1);
    else if (e.key === 'Home') go(0);
    else if (e.key === 'Escape') onLeave();
    else return;
    e.preventDefault();
  });
  useEffect(() => {
    const listen = (e: KeyboardEvent) => keys(e);
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
  return { at, go };
}
