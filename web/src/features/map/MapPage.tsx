import { t } from '@lingui/core/macro';
import '@xyflow/react/dist/base.css';
import { Background, Controls, Handle, NodeToolbar, Position, ReactFlow, type Node, type NodeProps } from '@xyflow/react';
import { useQuery } from '@tanstack/react-query';
import { createContext, useContext, useMemo, useState, useCallback } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { sentence } from '../../api/client';
import type { Intention, MapNode, VocabularyView } from '../../api/types';
import { BoardPicture } from '../../drawn/BoardPicture';
import { board as boardQuery, mapOf, vocabulary as vocabularyQuery } from '../../data/boards';
import { ArtOf } from '../../drawn/art';
import { useEdits } from '../edit';
import { BOARD_DRAGGED } from '../boardlist';
import { LinkInto } from './LinkInto';
import { edgesOf, LOOKED_AT, nodesOf, type Drawn } from './flow';
import { asTree, farAway, toggled, trouble, type Branch } from './map';
import css from './map.module.css';
import { may } from '../../data/may';
import parts from '../../shell/parts.module.css';

/** `held`: a board that is dragged; `over`: the board it is held over, whose cells are shown to drop it into. */
interface Linking {
  held: string;
  over?: string;
}

/** What changes while the map stays: nodes that were made anew for it would be measured anew, and be gone for a moment. */
interface Around {
  looked?: string;
  view?: VocabularyView;
  linking?: Linking;
  onLinking: (linking?: Linking) => void;
  onFold: (board: string) => void;
  onEdit: (made: Intention) => Promise<unknown>;
}
const AroundMap = createContext<Around>({ onLinking: () => undefined, onFold: () => undefined, onEdit: () => Promise.resolve() });

/** The map of all boards: from home outwards by taps, and the same as a tree beside it. */
export default function MapPage() {
  const id = Number(useParams().vocabulary);
  const view = useQuery(vocabularyQuery(id));
  const [folded, setFolded] = useState<string[]>();
  const map = useQuery({ ...mapOf(id, view.data?.version, folded), enabled: view.data !== undefined });
  const [looked, setLooked] = useState<string>();
  const [linking, setLinking] = useState<Linking>();
  const { edit, asking } = useEdits(id);
  const navigate = useNavigate();
  const error = view.error ?? map.error;

  const go = (to: string) => void navigate(`/vocabularies/${id}/boards/${encodeURIComponent(to)}`);
  const fold = (board: string) => {
    if (map.data) setFolded(toggled(map.data.nodes, board));
  };
  const nodes = useMemo(() => nodesOf(map.data), [map.data]);
  const called = useCallback((board: string) => map.data?.nodes.find((n) => n.board === board)?.name ?? '', [map.data]);
  const edges = useMemo(
    () =>
      edgesOf(map.data, (l) => looked === l.from || looked === l.to).map((edge) => ({
        ...edge,
        className: edge.shortest ? css.way : css.other,
        ariaLabel: t`A way from ${called(edge.source)} to ${called(edge.target)}`,
      })),
    [map.data, looked, called],
  );
  const around = useMemo(
    (): Around => ({ looked, view: view.data, linking, onLinking: setLinking, onFold: fold, onEdit: (made) => edit(made, view.data?.version ?? 0) }),
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [looked, view.data, linking, map.data],
  );

  if (error && !map.data)
    return (
      <main className={parts.lone}>
        <h1>{t`The map cannot be shown`}</h1>
        <p role="alert">{sentence(error)}</p>
      </main>
    );
  if (!view.data || !map.data) return <main className={css.map} aria-busy="true" />;
  return (
    <ArtOf art={view.data.art} vocabulary={id}>
      <main className={css.map} data-ready>
        <header className={css.head}>
          <h1>{t`All boards of ${view.data.name}`}</h1>
          <span className={parts.quiet}>{t`${view.data.boards.length} boards, from home outwards by taps`}</span>
          {may(view.data, 'CHANGE') && <span className={parts.quiet}>{t`Drag a board over another and into a cell there: a button opens it.`}</span>}
          <span className={parts.grow} />
          <Link className={parts.door} to={`/vocabularies/${id}`}>{t`Back to the boards`}</Link>
        </header>
        <div className={css.body}>
          <nav className={css.tree} aria-label={t`All boards as a tree`}>
            <Tree branches={asTree(map.data)} id={id} onFold={fold} onLook={setLooked} />
          </nav>
          <div className={css.drawing} role="region" aria-label={t`The map, drawn`}>
            <AroundMap.Provider value={around}>
              <ReactFlow
                nodes={nodes}
                edges={edges}
                nodeTypes={KINDS}
                {...LOOKED_AT}
                onNodeClick={(_, n) => go(n.id)}
                onNodeMouseEnter={(_, n) => setLooked(n.id)}
              >
                <Background gap={28} />
                <Controls showInteractive={false} />
              </ReactFlow>
            </AroundMap.Provider>
          </div>
          {asking}
          {looked && !linking && <Look id={id} view={view.data} board={looked} node={map.data.nodes.find((n) => n.board === looked)} />}
        </div>
      </main>
    </ArtOf>
  );
}

function MapBoard({ data: { node } }: NodeProps<Node<Drawn>>) {
  const { looked, view, linking, onLinking, onFold, onEdit } = useContext(AroundMap);
  const wrong = trouble(node);
  const mayEdit = may(view, 'CHANGE');
  const taking = linking?.over === node.board;
  return (
    <div
      className={`nopan nodrag ${css.board} ${looked === node.board ? css.here : ''} ${node.taps === 0 ? css.home : ''} ${wrong ? css.wrong : ''}`}
      data-section={node.section % 6}
      draggable={mayEdit}
      onDragStart={(e) => {
        e.dataTransfer.setData(BOARD_DRAGGED, node.board);
        e.dataTransfer.effectAllowed = 'link';
        setTimeout(() => onLinking({ held: node.board }));
      }}
      onDragEnd={() => onLinking()}
      onDragEnter={() => {
        if (linking && linking.held !== node.board && !taking) onLinking({ ...linking, over: node.board });
      }}
    >
      <Handle type="target" position={Position.Left} />
      <span>{node.name}</span>
      {wrong && <small>{wrong}</small>}
      {node.below > 0 && node.taps > 0 && (
        <button
          type="button"
          tabIndex={-1}
          className={css.fold}
          onClick={(e) => {
            e.stopPropagation();
            onFold(node.board);
          }}
        >
          {node.folded ? `+${node.below}` : '−'}
        </button>
      )}
      <Handle type="source" position={Position.Right} />
      <NodeToolbar isVisible={taking} position={Position.Bottom} offset={0} className="nopan nodrag">
        {taking && view && <LinkInto view={view} board={node.board} onEdit={onEdit} onDone={() => onLinking()} />}
      </NodeToolbar>
    </div>
  );
}

const KINDS = { board: MapBoard };

/** The same for keyboard and screen reader. */
function Tree({ branches, id, onFold, onLook }: { branches: Branch[]; id: number; onFold: (board: string) => void; onLook: (board: string) => void }) {
  return (
    <ul>
      {branches.map(({ node, branches: further }) => {
        const wrong = trouble(node);
        return (
          <li key={node.board}>
            <Link
              to={`/vocabularies/${id}/boards/${encodeURIComponent(node.board)}`}
              onFocus={() => onLook(node.board)}
              onMouseEnter={() => onLook(node.board)}
            >
              {node.name}
            </Link>
            {node.taps !== 0 && <span className={parts.quiet}> {farAway(node)}</span>}
            {wrong && <strong className={css.wrongWords}> {wrong}</strong>}
            {node.below > 0 && node.taps > 0 && (
              <button
                type="button"
                className={parts.dotted}
                aria-expanded={!node.folded}
                aria-label={t`${node.folded ? t`Show` : t`Fold`} ${node.below} behind ${node.name}`}
                onClick={() => onFold(node.board)}
              >
                {node.folded ? `+${node.below}` : t`fold`}
              </button>
            )}
            {further.length > 0 && <Tree branches={further} id={id} onFold={onFold} onLook={onLook} />}
          </li>
        );
      })}
    </ul>
  );
}

function Look({ id, view, board, node }: { id: number; view: VocabularyView; board: string; node?: MapNode }) {
  const line = view.boards.find((b) => b.id === board);
  const { data } = useQuery(boardQuery(id, board, line?.revision));
  if (!line || !data) return null;
  return (
    <aside className={css.look} aria-label={t`Board ${line.name}`}>
      <h2>{line.name}</h2>
      <BoardPicture board={data} label={t`Board ${line.name}`} />
      <p>
        {node && node.taps > 0
          ? t`${line.buttons} buttons, ${line.empty} empty cells, ${farAway(node)} from home.`
          : t`${line.buttons} buttons, ${line.empty} empty cells.`}{' '}
        {node && trouble(node)}
      </p>
    </aside>
  );
}
