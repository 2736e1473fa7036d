import { useEffect, useRef, useState } from 'react';
import type { Board } from '../../api/types';
import { pictureAddress } from '../../data/pictureAddress';

/** So many are held ready, those that were wanted last. */
const MOST = 360;

const whenIdle = (work: () => void): (() => void) => {
  if ('requestIdleCallback' in window) {
    const asked = window.requestIdleCallback(work);
    return () => window.cancelIdleCallback(asked);
  }
  const asked = setTimeout(work, 30);
  return () => clearTimeout(asked);
};

/** The boards that one touch opens from here, in order. */
export const ahead = (board: Board, boards: Map<string, Board>): Board[] =>
  board.buttons.flatMap(({ leads }) => (leads.type === 'opens' ? (boards.get(leads.board) ?? []) : []));

/**
 * Holds the pictures of a board, and makes those ready of the boards that one touch opens while nothing else is to be done: a browser takes some
 * milliseconds for each drawing, and a board may have a hundred. One at a time, so that no touch and no beat of scanning waits for them.
 */
export function usePicturesAhead(board: Board | undefined, boards: Map<string, Board>, art: string, vocabulary: number): void {
  const held = useRef(new Map<string, HTMLImageElement>());
  const answered = useWhoAnswers();
  useEffect(() => held.current.clear(), [answered]);
  useEffect(() => {
    if (!board) return undefined;
    // Those that are seen now are held too, for the way back.
    const pictures = [board, ...ahead(board, boards)].flatMap((next) => next.buttons.flatMap(({ layers }) => layers.map(({ picture }) => picture)));
    const wanted = [...new Set(pictures.map((picture) => pictureAddress(picture, { art, vocabulary })))].slice(0, MOST);
    const ready = held.current;
    let cancel: () => void = () => undefined;
    let gone = false;
    const next = () => {
      const address = wanted.shift();
      if (address === undefined || gone) return;
      const image = ready.get(address) ?? new Image();
      // Last in the order in which they are let go.
      ready.delete(address);
      ready.set(address, image);
      for (const old of ready.keys()) if (ready.size > MOST) ready.delete(old);
      const goOn = () => {
        if (!gone) cancel = whenIdle(next);
      };
      if (image.src) return goOn();
      image.onload = image.onerror = goOn;
      image.src = address;
    };
    cancel = whenIdle(next);
    return () => {
      gone = true;
      cancel();
    };
  }, [board, boards, art, vocabulary, answered]);
}

/** Another number as soon as a service worker answers for the page: a browser asks once more, through it, for what it had before. */
function useWhoAnswers(): number {
  const [times, setTimes] = useState(0);
  useEffect(() => {
    if (!('serviceWorker' in navigator)) return undefined;
    const another = () => setTimes((now) => now + 1);
    navigator.serviceWorker.addEventListener('controllerchange', another);
    return () => navigator.serviceWorker.removeEventListener('controllerchange', another);
  }, []);
  return times;
}
