import type { Layer } from '../../api/types';

/** The pictures of a button, as they are while somebody arranges them. */
export interface Pictured {
  picture?: string;
  layers: Layer[];
}

export const ROOM = 1000;
export const SMALLEST = 100;
export const MOST_LAYERS = 6;
/** The mark of not is a picture of the library like any other, drawn over the rest. */
export const NOT = 'core/not';

/** Every picture with its place: one picture alone takes all the room. */
export function layered({ picture, layers }: Pictured): Layer[] {
  if (layers.length > 0) return layers;
  return picture ? [{ picture, x: 0, y: 0, size: ROOM }] : [];
}

/** A picture put in place of the one at an index, or added over what is there: smaller and in a corner, the mark of not whole. */
export function withPicture(now: Pictured, id: string, adding: boolean, at: number): Pictured {
  const layers = layered(now);
  if (layers.length === 0) return { picture: id, layers: [] };
  if (!adding) {
    const replaced = layers.map((l, i) => (i === at ? { ...l, picture: id } : l));
    return { picture: replaced[0].picture, layers: replaced.length === 1 && whole(replaced[0]) ? [] : replaced };
  }
  const added: Layer = id === NOT ? { picture: id, x: 0, y: 0, size: ROOM } : { picture: id, x: ROOM / 2, y: ROOM / 2, size: ROOM / 2 };
  const top = layers.at(-1)!;
  const under = top.picture === NOT && id !== NOT ? [...layers.slice(0, -1), added, top] : [...layers, added];
  return { picture: under[0].picture, layers: under };
}

const whole = (l: Layer) => l.x === 0 && l.y === 0 && l.size === ROOM;

/** A layer moved by a distance and made larger by another, kept inside its square. */
export function moved(layer: Layer, dx: number, dy: number, grow = 0): Layer {
  const size = Math.round(Math.max(SMALLEST, Math.min(ROOM, layer.size + grow)));
  return { ...layer, size, x: Math.round(Math.max(0, Math.min(ROOM - size, layer.x + dx))), y: Math.round(Math.max(0, Math.min(ROOM - size, layer.y + dy))) };
}

/** One layer changed, the others as they are. */
export function changed(now: Pictured, at: number, layer: Layer): Pictured {
  const layers = layered(now).map((l, i) => (i === at ? layer : l));
  return { picture: layers[0]?.picture, layers };
}
