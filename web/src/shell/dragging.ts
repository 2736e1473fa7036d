/** Who drags sees it; who cannot see moves by keys, and what is told afterwards is the new order. */
export const SILENT = { onDragStart: () => undefined, onDragOver: () => undefined, onDragEnd: () => undefined, onDragCancel: () => undefined };

/** So far the mouse goes before a press is a drag, in pixels; so long a finger rests, in milliseconds. */
export const BEGINS = { mouse: { distance: 5 }, touch: { delay: 250, tolerance: 8 } };
