import { useEffect, useRef, useState, type RefObject } from 'react';

/** Whether something has come into view, or near it; once it has, it stays so. For what costs a question to show. */
export function useSeen(): [place: RefObject<HTMLSpanElement | null>, seen: boolean] {
  const place = useRef<HTMLSpanElement>(null);
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    if (seen || !place.current) return undefined;
    const watching = new IntersectionObserver((entries) => entries.some((e) => e.isIntersecting) && setSeen(true), { rootMargin: '200px' });
    watching.observe(place.current);
    return () => watching.disconnect();
  }, [seen]);
  return [place, seen];
}
