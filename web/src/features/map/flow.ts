import type { Edge, Node } from '@xyflow/react';
import type { BoardMap, MapNode } from '../../api/types';
import { SAID } from './said';

/** How far apart boards are drawn: across by taps, down by rows, in pixels. */
const ACROSS = 260;
const DOWN = 58;

export interface Drawn extends Record<string, unknown> {
  node: MapNode;
}

/** The boards where the map has them; each is drawn by what is known as `board`. */
export const nodesOf = (map?: BoardMap) =>
  (map?.nodes ?? []).map((node): Node<Drawn> => ({
    id: node.board,
    type: 'board',
    position: { x: Math.max(0, node.taps) * ACROSS, y: node.row * DOWN },
    draggable: false,
    connectable: false,
    data: { node },
  }));

/** The links that are shortest ways, and such others as are to be shown. */
export const edgesOf = (map: BoardMap | undefined, also: (link: BoardMap['links'][number]) => boolean = () => false) =>
  (map?.links ?? [])
    .filter((l) => l.shortest || also(l))
    .map((l): Edge & { shortest: boolean } => ({ id: `${l.from} ${l.to}`, source: l.from, target: l.to, focusable: false, shortest: l.shortest }));

/** A map is looked at: nothing on it is drawn anew or linked by the library itself. */
export const LOOKED_AT = {
  ariaLabelConfig: SAID,
  fitView: true,
  fitViewOptions: { maxZoom: 1, padding: 0.08 },
  minZoom: 0.1,
  nodesDraggable: false,
  nodesConnectable: false,
  nodesFocusable: false,
  edgesFocusable: false,
  elementsSelectable: false,
  proOptions: { hideAttribution: true },
};
