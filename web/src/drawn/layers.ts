import type { Layer } from '../api/types';

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
