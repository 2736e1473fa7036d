import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { Background, Controls, Handle, Position, ReactFlow, type Edge, type Node, type NodeProps } from '@xyflow/react';
import '@xyflow/react/dist/style.css';
import { createContext, useContext, useMemo } from 'react';
import type { MapNode } from '../../api/types';
import { mapOf } from '../../data/boards';
import { ACROSS, DOWN, SAID } from '../map';
import css from './arrival.module.css';

interface Chosen {
  boards: string[];
  /** Those that come with them. */
  along: string[];
  onToggle: (board: string) => void;
}
const ChosenBoards = createContext<Chosen>({ boards: [], along: [], onToggle: () => undefined });

/** The boards there on their map, to be chosen by touching them. */
export function OnMap({ from, ...chosen }: Chosen & { from: number }) {
  const { data } = useQuery(mapOf(from, undefined, []));
  const nodes = useMemo(
    () =>
      (data?.nodes ?? []).map((node): Node<{ node: MapNode }> => ({
        id: node.board,
        type: 'board',
        position: { x: Math.max(0, node.taps) * ACROSS, y: node.row * DOWN },
        draggable: false,
        connectable: false,
        data: { node },
      })),
    [data],
  );
  const edges = useMemo(
    () => (data?.links ?? []).filter((l) => l.shortest).map((l): Edge => ({ id: `${l.from} ${l.to}`, source: l.from, target: l.to, focusable: false })),
    [data],
  );
  if (!data) return <div className={css.map} aria-busy="true" />;
  return (
    <div className={css.map} role="region" aria-label={t`The boards there on their map`}>
      <ChosenBoards.Provider value={chosen}>
        <ReactFlow
          nodes={nodes}
          edges={edges}
          nodeTypes={KINDS}
          ariaLabelConfig={SAID}
          fitView
          fitViewOptions={{ maxZoom: 1, padding: 0.08 }}
          minZoom={0.1}
          nodesDraggable={false}
          nodesConnectable={false}
          nodesFocusable={false}
          edgesFocusable={false}
          elementsSelectable={false}
          proOptions={{ hideAttribution: true }}
        >
          <Background gap={28} />
          <Controls showInteractive={false} />
        </ReactFlow>
      </ChosenBoards.Provider>
    </div>
  );
}

function MapBoard({ data: { node } }: NodeProps<Node<{ node: MapNode }>>) {
  const { boards, along, onToggle } = useContext(ChosenBoards);
  const chosen = boards.includes(node.board);
  return (
    <>
      <Handle type="target" position={Position.Left} />
      <button
        type="button"
        className={`nopan nodrag ${css.node}`}
        aria-pressed={chosen}
        data-along={!chosen && along.includes(node.board) ? '' : undefined}
        onClick={() => onToggle(node.board)}
      >
        {node.name}
      </button>
      <Handle type="source" position={Position.Right} />
    </>
  );
}

const KINDS = { board: MapBoard };
