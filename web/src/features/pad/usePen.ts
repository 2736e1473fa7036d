import { useRef, type PointerEvent } from 'react';
import { paint, point, type Stroke, type Thick } from './strokes';

/** A pen, finger or mouse on a canvas: each new point is painted as it comes; a stroke that ends is told. Two fingers draw nothing. */
export function usePen({
  colour,
  thick,
  onStroke,
  onAgain,
}: {
  /** None rubs out. */
  colour?: string;
  thick: Thick;
  onStroke: (stroke: Stroke) => void;
  /** What was begun was no stroke: the canvas is to be painted anew. */
  onAgain: () => void;
}) {
  const under = useRef<{ id: number; kind: string; stroke: Stroke }>(undefined);
  const fingers = useRef(new Set<number>());

  function add(event: PointerEvent<HTMLCanvasElement>) {
    const canvas = event.currentTarget;
    const on = canvas.getContext('2d');
    const { stroke } = under.current!;
    const from = stroke.points.length / 3;
    const box = canvas.getBoundingClientRect();
    const all = event.nativeEvent.getCoalescedEvents?.() ?? [];
    for (const at of all.length > 0 ? all : [event.nativeEvent])
      stroke.points.push(...point(at.clientX - box.left, at.clientY - box.top, box.width, at.pointerType === 'pen' ? at.pressure : undefined));
    if (on) paint(on, stroke, canvas.width, from);
  }

  function drop() {
    under.current = undefined;
    onAgain();
  }

  return {
    onPointerDown: (event: PointerEvent<HTMLCanvasElement>) => {
      if (event.pointerType === 'touch') fingers.current.add(event.pointerId);
      const twoFingers = fingers.current.size > 1;
      if (twoFingers && under.current?.kind === 'touch') drop();
      // A pen draws while a hand rests beside it.
      const taken = under.current && !(event.pointerType === 'pen' && under.current.kind === 'touch');
      if (taken || (twoFingers && event.pointerType === 'touch') || event.button !== 0) return;
      if (under.current) drop();
      event.preventDefault();
      event.currentTarget.setPointerCapture(event.pointerId);
      under.current = { id: event.pointerId, kind: event.pointerType, stroke: { colour, thick, points: [] } };
      add(event);
    },
    onPointerMove: (event: PointerEvent<HTMLCanvasElement>) => {
      if (under.current?.id === event.pointerId) add(event);
    },
    onPointerUp: (event: PointerEvent<HTMLCanvasElement>) => {
      fingers.current.delete(event.pointerId);
      if (under.current?.id !== event.pointerId) return;
      const { stroke } = under.current;
      under.current = undefined;
      onStroke(stroke);
    },
    onPointerCancel: (event: PointerEvent<HTMLCanvasElement>) => {
      fingers.current.delete(event.pointerId);
      if (under.current?.id === event.pointerId) drop();
    },
  };
}
