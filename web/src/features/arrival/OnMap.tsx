import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { Background, Controls, Handle, Position, ReactFlow, type Node, type NodeProps } from '@xyflow/react';
import '@xyflow/react/dist/base.css';
import { createContext, useContext, useMemo } from 'react';
import { mapOf } from '../../data/boards';
import { edgesOf, LOOKED_AT, nodesOf, type Drawn } from '../map';
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
  const nodes = useMemo(() => nodesOf(data), [data]);
  const edges = useMemo(() => edgesOf(data), [data]);
  if (!data) return <div className={css.map} aria-busy="true" />;
  return (
    <div className={css.map} role="region" aria-label={t`The boards there on their map`}>
      <ChosenBoards.Provider value={chosen}>
        <ReactFlow nodes={nodes} edges={edges} nodeTypes={KINDS} {...LOOKED_AT}>
          <Background gap={28} />
          <Controls showInteractive={false} />
        </ReactFlow>
      </ChosenBoards.Provider>
    </div>
  );
}

function MapBoard({ data: { node } }: NodeProps<Node<Drawn>>) {
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
