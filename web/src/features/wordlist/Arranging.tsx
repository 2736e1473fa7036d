import { DndContext, MouseSensor, pointerWithin, TouchSensor, useDraggable, useDroppable, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import type { Rect } from '../../api/types';
import { BEGINS, SILENT } from '../../shell/dragging';
import css from './wordlist.module.css';

/** The cells of a grid of one’s own, over its sheet: a word is dragged from one to another, and what stands there comes into its cell. */
export function Arranging({ cells, onArrange }: { cells: Rect[]; onArrange: (from: number, to: number) => void }) {
  const sensors = useSensors(useSensor(MouseSensor, { activationConstraint: BEGINS.mouse }), useSensor(TouchSensor, { activationConstraint: BEGINS.touch }));
  function dropped({ active, over }: DragEndEvent) {
    if (over && over.id !== active.id) onArrange(Number(active.id), Number(over.id));
  }
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={pointerWithin}
      onDragEnd={dropped}
      accessibility={{ container: document.body, announcements: SILENT, screenReaderInstructions: { draggable: '' } }}
    >
      {cells.map((cell, i) => (
        <Place key={i} at={i} cell={cell} />
      ))}
    </DndContext>
  );
}

function Place({ at, cell }: { at: number; cell: Rect }) {
  const { setNodeRef: carries, listeners, isDragging } = useDraggable({ id: at });
  const { setNodeRef: takes, isOver } = useDroppable({ id: at });
  return (
    <rect
      ref={(e) => {
        // What the library measures of an element, a drawn one has too.
        carries(e as unknown as HTMLElement);
        takes(e as unknown as HTMLElement);
      }}
      data-cell={at}
      className={isDragging ? css.carried : isOver ? css.target : css.arrangeable}
      x={cell.x}
      y={cell.y}
      width={cell.width}
      height={cell.height}
      {...listeners}
    />
  );
}
