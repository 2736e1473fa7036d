import type { Arrangement, Layer } from '../api/types';

/** The pictures of a button, the first lowest. One picture alone takes all the room. */

export const ROOM = 1000;
export const SMALLEST = 100;
export const MOST_LAYERS = 6;
/** The mark of not is a picture of the library like any other, drawn over the rest. */
export const NOT = 'core/not';

export const whole = (picture: string): Layer => ({ picture, x: 0, y: 0, size: ROOM });
export const isWhole = (l: Layer) => l.size === ROOM;

/** A picture put in place of the one at an index, or added over what is there: smaller and in a corner, the mark of not whole. */
export function withPicture(layers: Layer[], id: string, adding: boolean, at: number): Layer[] {
  if (layers.length === 0) return [whole(id)];
  if (!adding) return layers.map((l, i) => (i === at ? { ...l, picture: id } : l));
  const added: Layer = id === NOT ? whole(id) : { picture: id, x: ROOM / 2, y: ROOM / 2, size: ROOM / 2 };
  const top = layers.at(-1)!;
  return top.picture === NOT && id !== NOT ? [...layers.slice(0, -1), added, top] : [...layers, added];
}

/** A layer moved by a distance and made larger by another, kept inside its square. */
export function moved(layer: Layer, dx: number, dy: number, grow = 0): Layer {
  const size = Math.round(Math.max(SMALLEST, Math.min(ROOM, layer.size + grow)));
  return { ...layer, size, x: Math.round(Math.max(0, Math.min(ROOM - size, layer.x + dx))), y: Math.round(Math.max(0, Math.min(ROOM - size, layer.y + dy))) };
}

/** One layer changed, the others as they are. */
export const changed = (layers: Layer[], at: number, layer: Layer): Layer[] => layers.map((l, i) => (i === at ? layer : l));

type Place = Omit<Layer, 'picture'>;

/**
 * A picture arranged with signs, as a way says. `next`: where the picture that is chosen next belongs; with none at hand the place of the
 * first itself, and only that one.
 */
export function arranged(it: string | undefined, how: Arrangement): { layers: Layer[]; next?: Place } {
  const place = ({ x, y, size }: Place) => ({ x, y, size });
  const layers = how.parts.flatMap((p) => ((p.picture ?? it) ? [{ picture: (p.picture ?? it)!, ...place(p) }] : []));
  const gap = it ? how.gap : how.parts.find((p) => !p.picture);
  return { layers, next: gap ? place(gap) : undefined };
}

/** True if all of it is of the library, so that it can be kept as one picture that follows the look of each student. */
export const ofLibrary = (layers: Layer[]) => layers.every((l) => !l.picture.startsWith('own/'));
