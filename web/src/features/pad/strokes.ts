// What is drawn on a pad, as values: every stroke, taking back and clearing is a function of what was there.

/** How broad a pen is, as a share of the pad’s width. */
export const THICK = { thin: 0.005, middle: 0.012, broad: 0.03 } as const;
export type Thick = keyof typeof THICK;

/** One stroke. Its points are x, y and width after each other, x and y in ten-thousandths of the pad’s width, width in thousandths of that of the pen. */
export interface Stroke {
  /** Its colour; none rubs out. */
  colour?: string;
  thick: Thick;
  points: number[];
}

/** Clears all that is under it, until it is taken back. */
export interface Cleared {
  clears: true;
}

export type Mark = Stroke | Cleared;

export interface Drawing {
  /** What is too old to be taken back, as a picture. */
  settled?: string;
  done: Mark[];
  undone: Mark[];
}

export const EMPTY: Drawing = { done: [], undone: [] };
/** Points that can be taken back; older strokes become a picture. An hour’s drawing is no more to keep than this. */
export const MOST_POINTS = 20_000;
const UNIT = 10_000;
const FULL = 1_000;

export const isClear = (mark: Mark): mark is Cleared => 'clears' in mark;

/** What is seen: all that came after the last clearing. */
export function seenOf({ done, settled }: Drawing): { settled?: string; strokes: Stroke[] } {
  const cleared = done.findLastIndex(isClear);
  return { settled: cleared < 0 ? settled : undefined, strokes: done.slice(cleared + 1).filter((m): m is Stroke => !isClear(m)) };
}

export const isBlank = (drawing: Drawing) => {
  const { settled, strokes } = seenOf(drawing);
  return !settled && strokes.length === 0;
};

export const drawn = (drawing: Drawing, mark: Mark): Drawing => ({ ...drawing, done: [...drawing.done, mark], undone: [] });
export const cleared = (drawing: Drawing): Drawing => (isBlank(drawing) ? drawing : drawn(drawing, { clears: true }));

export function takenBack(drawing: Drawing): Drawing {
  const last = drawing.done.at(-1);
  return last ? { ...drawing, done: drawing.done.slice(0, -1), undone: [...drawing.undone, last] } : drawing;
}

export function hadBack(drawing: Drawing): Drawing {
  const last = drawing.undone.at(-1);
  return last ? { ...drawing, done: [...drawing.done, last], undone: drawing.undone.slice(0, -1) } : drawing;
}

const pointsOf = (mark: Mark) => (isClear(mark) ? 0 : mark.points.length / 3);

/** Marks that have to settle so that no more than `most` points can be taken back; none if there are few. Half of them go at once, so that it is seldom. */
export function toSettle(drawing: Drawing, most = MOST_POINTS): Mark[] {
  let left = drawing.done.reduce((sum, mark) => sum + pointsOf(mark), 0);
  if (left <= most) return [];
  let count = 0;
  while (count < drawing.done.length - 1 && left > most / 2) left -= pointsOf(drawing.done[count++]);
  return drawing.done.slice(0, count);
}

/** With the oldest marks in the picture that was made of them. */
export const settled = (drawing: Drawing, marks: Mark[], picture: string | undefined): Drawing => ({
  settled: picture,
  done: drawing.done.slice(marks.length),
  undone: drawing.undone,
});

/** The part of the pad that is drawn on, as shares of its width, with a little room around; undefined if some of it is only known as a picture. */
export function boundsOf(drawing: Drawing): { x: number; y: number; width: number; height: number } | undefined {
  const { settled, strokes } = seenOf(drawing);
  const inked = strokes.filter((s) => s.colour && s.points.length > 0);
  if (settled || inked.length === 0) return undefined;
  const xs = inked.flatMap((s) => s.points.filter((_, i) => i % 3 === 0));
  const ys = inked.flatMap((s) => s.points.filter((_, i) => i % 3 === 1));
  const around = 2 * Math.max(...inked.map((s) => THICK[s.thick])) * UNIT;
  const least = (all: number[]) => all.reduce((a, b) => Math.min(a, b)) - around;
  const most = (all: number[]) => all.reduce((a, b) => Math.max(a, b)) + around;
  const x = Math.max(0, least(xs));
  const y = Math.max(0, least(ys));
  return { x: x / UNIT, y: y / UNIT, width: (Math.min(UNIT, most(xs)) - x) / UNIT, height: (most(ys) - y) / UNIT };
}

/** A point where a pen is. `pressure`: 0 to 1 of a pen; none of a finger or a mouse, which draw as broad everywhere. */
export function point(x: number, y: number, width: number, pressure?: number): number[] {
  const broad = pressure === undefined ? FULL : Math.round(FULL * (0.3 + 1.2 * Math.min(1, Math.max(0, pressure))));
  return [Math.round((x / width) * UNIT), Math.round((y / width) * UNIT), broad];
}

/** The part of a stroke from a point on, on a canvas as wide as this. */
export function paint(on: CanvasRenderingContext2D, stroke: Stroke, width: number, from = 0) {
  const { points, colour, thick } = stroke;
  const unit = width / UNIT;
  on.globalCompositeOperation = colour ? 'source-over' : 'destination-out';
  on.strokeStyle = on.fillStyle = colour ?? '#000000';
  on.lineCap = on.lineJoin = 'round';
  const broad = (i: number) => Math.max(1, (THICK[thick] * width * points[i + 2]) / FULL) * (colour ? 1 : 2.5);
  if (points.length === 3) {
    on.beginPath();
    on.arc(points[0] * unit, points[1] * unit, broad(0) / 2, 0, 2 * Math.PI);
    on.fill();
  }
  for (let i = Math.max(3, from * 3); i < points.length; i += 3) {
    on.lineWidth = broad(i);
    on.beginPath();
    on.moveTo(points[i - 3] * unit, points[i - 2] * unit);
    on.lineTo(points[i] * unit, points[i + 1] * unit);
    on.stroke();
  }
  on.globalCompositeOperation = 'source-over';
}
