// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { drawingOn } from './kept';
import { Pad } from './Pad';
import { PadOver } from './PadOver';
import { isClear, type Stroke } from './strokes';

const draws = {
  beginPath: vi.fn(),
  moveTo: vi.fn(),
  lineTo: vi.fn(),
  stroke: vi.fn(),
  arc: vi.fn(),
  fill: vi.fn(),
  clearRect: vi.fn(),
  drawImage: vi.fn(),
  fillRect: vi.fn(),
};
const ofStrokes = () => drawingOn(3, 'pad').done.filter((m): m is Stroke => !isClear(m));

beforeEach(() => {
  vi.stubGlobal(
    'ResizeObserver',
    class {
      observe = vi.fn();
      disconnect = vi.fn();
    },
  );
  HTMLCanvasElement.prototype.getContext = vi.fn(() => draws) as unknown as typeof HTMLCanvasElement.prototype.getContext;
  HTMLCanvasElement.prototype.toDataURL = () => 'data:image/png;base64,AA';
  HTMLCanvasElement.prototype.setPointerCapture = vi.fn();
  HTMLCanvasElement.prototype.getBoundingClientRect = () => ({ left: 0, top: 0, width: 100, height: 100 }) as DOMRect;
});
afterEach(() => {
  cleanup();
  localStorage.clear();
});

const pad = (more: Partial<Parameters<typeof Pad>[0]> = {}) => render(<Pad vocabulary={3} button="pad" label="my drawings" onSay={vi.fn()} {...more} />);
const canvas = () => screen.getByRole('img');

function line(id: number, kind: string, pressure = 0) {
  const at = (x: number) => ({ pointerId: id, pointerType: kind, clientX: x, clientY: 10, pressure, button: 0 });
  fireEvent(canvas(), pointer('pointerdown', at(10)));
  fireEvent(canvas(), pointer('pointermove', at(40)));
  return () => fireEvent(canvas(), pointer('pointerup', at(40)));
}

/** jsdom knows no pointer events of its own. */
function pointer(type: string, about: Record<string, unknown>) {
  const event = new MouseEvent(type, { bubbles: true, cancelable: true, ...about });
  for (const name of ['pointerId', 'pointerType', 'pressure']) Object.defineProperty(event, name, { value: about[name] });
  return event;
}

it('draws with a finger, takes it back, has it again, clears, and has that back', () => {
  pad();
  line(1, 'touch')();
  expect(ofStrokes()).toHaveLength(1);
  fireEvent.click(screen.getByRole('button', { name: 'take back' }));
  expect(ofStrokes()).toHaveLength(0);
  fireEvent.click(screen.getByRole('button', { name: 'again' }));
  fireEvent.click(screen.getByRole('button', { name: 'clear it' }));
  expect(screen.getByRole('img', { name: 'nothing drawn yet' })).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'take back' }));
  expect(screen.getByRole('img', { name: '1 stroke drawn' })).toBeTruthy();
});

it('draws nothing with two fingers', () => {
  pad();
  const first = line(1, 'touch');
  const second = line(2, 'touch');
  first();
  second();
  expect(ofStrokes()).toHaveLength(0);
  line(3, 'touch')();
  expect(ofStrokes()).toHaveLength(1);
});

it('lets a pen draw while a hand rests beside it', () => {
  pad();
  line(1, 'touch');
  line(2, 'pen', 1)();
  expect(ofStrokes()).toHaveLength(1);
  expect(ofStrokes()[0].points[2]).toBe(1500);
});

it('rubs out, and draws in the colour and breadth that are chosen', () => {
  pad();
  fireEvent.click(screen.getByRole('button', { name: 'wine' }));
  fireEvent.click(screen.getByRole('button', { name: 'broad' }));
  line(1, 'mouse')();
  fireEvent.click(screen.getByRole('button', { name: 'rub out' }));
  line(1, 'mouse')();
  expect(ofStrokes().map((s) => [s.colour, s.thick])).toEqual([
    ['#8B1E3F', 'broad'],
    [undefined, 'broad'],
  ]);
});

it('goes into the message as a picture, and is kept where this person may', async () => {
  const onSay = vi.fn();
  const onKeep = vi.fn(() => Promise.resolve(false));
  pad({ onSay, onKeep });
  expect(screen.getByRole('button', { name: 'into the message' }).hasAttribute('disabled')).toBe(true);
  line(1, 'mouse')();
  fireEvent.click(screen.getByRole('button', { name: 'into the message' }));
  await vi.waitFor(() => expect(onSay).toHaveBeenCalledWith('data:image/png;base64,AA'));
  fireEvent.click(screen.getByRole('button', { name: 'keep it' }));
  expect(await screen.findByText('Kept among the student’s pictures as “my drawings”.')).toBeTruthy();
});

it('says why it was not kept, and offers nothing to keep to who may not', async () => {
  const { unmount } = pad({ onKeep: () => Promise.reject(new Error('The disk is full.')) });
  line(1, 'mouse')();
  fireEvent.click(screen.getByRole('button', { name: 'keep it' }));
  expect(await screen.findByText('The disk is full.')).toBeTruthy();
  unmount();
  pad();
  expect(screen.queryByRole('button', { name: 'keep it' })).toBeNull();
});

it('has what was drawn before, and is left by Escape where it lies over the board', () => {
  const { unmount } = pad();
  line(1, 'mouse')();
  unmount();
  const onLeave = vi.fn();
  render(<PadOver vocabulary={3} button="pad" label="my drawings" onSay={vi.fn()} onLeave={onLeave} />);
  expect(screen.getByRole('img', { name: '1 stroke drawn' })).toBeTruthy();
  fireEvent.keyDown(window, { key: 'Escape' });
  expect(onLeave).toHaveBeenCalled();
});
