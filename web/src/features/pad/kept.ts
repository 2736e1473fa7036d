import { EMPTY, type Drawing } from './strokes';

// What was drawn stays on its board in this browser, until it is cleared. It leaves the device only if somebody keeps it as a picture.

const keyOf = (vocabulary: number, button: string) => `dwimble.drawn.${vocabulary}.${button}`;

export function drawingOn(vocabulary: number, button: string): Drawing {
  try {
    const kept = JSON.parse(localStorage.getItem(keyOf(vocabulary, button)) ?? 'null') as Partial<Drawing> | null;
    return kept && Array.isArray(kept.done) ? { settled: kept.settled, done: kept.done, undone: [] } : EMPTY;
  } catch {
    return EMPTY;
  }
}

/** False if the browser has no room for it: drawing goes on, but a reload loses it. */
export function keepDrawing(vocabulary: number, button: string, drawing: Drawing): boolean {
  try {
    if (drawing.done.length === 0 && !drawing.settled) localStorage.removeItem(keyOf(vocabulary, button));
    else localStorage.setItem(keyOf(vocabulary, button), JSON.stringify({ settled: drawing.settled, done: drawing.done }));
    return true;
  } catch {
    return false;
  }
}
