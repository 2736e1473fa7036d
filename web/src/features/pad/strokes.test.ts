// @vitest-environment jsdom
import { afterEach, expect, it, vi } from 'vitest';
import { drawingOn, keepDrawing } from './kept';
import { boundsOf, cleared, drawn, EMPTY, hadBack, isBlank, paint, point, seenOf, settled, takenBack, toSettle, type Drawing, type Stroke } from './strokes';

const stroke = (points: number, colour?: string): Stroke => ({ colour, thick: 'thin', points: Array.from({ length: points * 3 }, (_, i) => i) });
const a = stroke(2, '#1f2a44');
const b = stroke(3, '#b8431c');

afterEach(() => localStorage.clear());

it('takes back and has again stroke by stroke, until another is drawn', () => {
  const two = drawn(drawn(EMPTY, a), b);
  expect(takenBack(two).done).toEqual([a]);
  expect(hadBack(takenBack(two))).toEqual(two);
  expect(drawn(takenBack(two), a).undone).toEqual([]);
  expect(takenBack(EMPTY)).toEqual(EMPTY);
  expect(hadBack(EMPTY)).toEqual(EMPTY);
});

it('clears all, and has it back', () => {
  const one = drawn(EMPTY, a);
  expect(isBlank(cleared(one))).toBe(true);
  expect(seenOf(takenBack(cleared(one))).strokes).toEqual([a]);
  expect(seenOf(drawn(cleared(one), b)).strokes).toEqual([b]);
  expect(cleared(EMPTY)).toBe(EMPTY);
});

it('settles the oldest strokes once there are too many points, so that an hour of drawing has its bound', () => {
  let drawing: Drawing = EMPTY;
  for (let i = 0; i < 30; i++) drawing = drawn(drawing, stroke(10, `#${i}`));
  expect(toSettle(drawing, 300)).toEqual([]);
  const old = toSettle(drawing, 299);
  expect(old).toHaveLength(16);
  const kept = settled(drawing, old, 'data:old');
  expect(kept.done).toHaveLength(14);
  expect(seenOf(kept).settled).toBe('data:old');
  expect(seenOf(cleared(kept)).settled).toBeUndefined();
  expect(toSettle(drawn(EMPTY, stroke(500)), 299)).toEqual([]);
});

it('is as large as what is drawn, with a little room around', () => {
  const line: Stroke = { colour: '#1f2a44', thick: 'middle', points: [2000, 1000, 1000, 4000, 3000, 1000] };
  const bounds = boundsOf(drawn(EMPTY, line))!;
  expect([bounds.x, bounds.y, bounds.width, bounds.height].map((v) => Math.round(v * 1000))).toEqual([176, 76, 248, 248]);
  expect(boundsOf({ settled: 'data:old', done: [line], undone: [] })).toBeUndefined();
  expect(boundsOf(EMPTY)).toBeUndefined();
});

it('is as broad as a pen presses, and as broad everywhere for a finger', () => {
  expect(point(50, 25, 100)).toEqual([5000, 2500, 1000]);
  expect(point(50, 25, 100, 0)[2]).toBe(300);
  expect(point(50, 25, 100, 1)[2]).toBe(1500);
  expect(point(50, 25, 100, 7)[2]).toBe(1500);
});

it('paints what is new of a stroke, and rubs out without a colour', () => {
  const on = { beginPath: vi.fn(), moveTo: vi.fn(), lineTo: vi.fn(), stroke: vi.fn(), arc: vi.fn(), fill: vi.fn(), globalCompositeOperation: '' };
  const used: string[] = [];
  on.stroke.mockImplementation(() => used.push(on.globalCompositeOperation));
  paint(on as unknown as CanvasRenderingContext2D, stroke(6, '#1f2a44'), 1000);
  expect(on.stroke).toHaveBeenCalledTimes(5);
  paint(on as unknown as CanvasRenderingContext2D, stroke(6), 1000, 4);
  expect(used.slice(5)).toEqual(['destination-out', 'destination-out']);
  paint(on as unknown as CanvasRenderingContext2D, stroke(1, '#1f2a44'), 1000);
  expect(on.arc).toHaveBeenCalledTimes(1);
});

it('stays in this browser by its board and button, until it is cleared', () => {
  expect(keepDrawing(3, 'pad', drawn(EMPTY, a))).toBe(true);
  expect(drawingOn(3, 'pad').done).toEqual([a]);
  expect(drawingOn(4, 'pad')).toEqual(EMPTY);
  keepDrawing(3, 'pad', EMPTY);
  expect(localStorage).toHaveLength(0);
  localStorage.setItem('dwimble.drawn.3.pad', '{half');
  expect(drawingOn(3, 'pad')).toEqual(EMPTY);
});

it('says so if the browser has no room', () => {
  vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new Error('full');
  });
  expect(keepDrawing(3, 'pad', drawn(EMPTY, a))).toBe(false);
  vi.restoreAllMocks();
});
