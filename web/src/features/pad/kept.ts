import { Here } from '../../data/here';
import { EMPTY, type Drawing } from './strokes';

// What was drawn stays on its board in this browser, until it is cleared. It leaves the device only if somebody keeps it as a picture.
const here = new Here<Partial<Drawing>>('drawn');
const padOf = (vocabulary: number, button: string) => `${vocabulary}.${button}`;

export function drawingOn(vocabulary: number, button: string): Drawing {
  const kept = here.read(padOf(vocabulary, button));
  return Array.isArray(kept?.done) ? { settled: kept.settled, done: kept.done, undone: [] } : EMPTY;
}

/** False if the browser has no room for it: drawing goes on, but a reload loses it. */
export function keepDrawing(vocabulary: number, button: string, { settled, done }: Drawing): boolean {
  const pad = padOf(vocabulary, button);
  if (done.length > 0 || settled) return here.keep(pad, { settled, done });
  here.drop(pad);
  return true;
}
