import { plural, t } from '@lingui/core/macro';
import type { BoardMap, MapNode } from '../../api/types';

/** The map as a tree, for who does not see it: each board with those first reached through it. */
export interface Branch {
  node: MapNode;
  branches: Branch[];
}

export function asTree({ nodes }: BoardMap): Branch[] {
  const branches = new Map(nodes.map((node) => [node.board, { node, branches: [] as Branch[] }]));
  const roots: Branch[] = [];
  for (const branch of branches.values()) {
    const parent = branches.get(branch.node.parent);
    (parent && parent !== branch ? parent.branches : roots).push(branch);
  }
  return roots;
}

/** What is to be mended on a board, in a few words; empty if nothing is. */
export function trouble(node: MapNode): string {
  return [
    node.taps < 0 && t`no taps lead here`,
    node.looseEnds > 0 && plural(node.looseEnds, { one: '# button leads nowhere', other: '# buttons lead nowhere' }),
    node.noWayOut && t`no way out`,
  ]
    .filter(Boolean)
    .join(', ');
}

export const farAway = (node: MapNode) => (node.taps < 0 ? '' : node.taps === 0 ? t`home` : plural(node.taps, { one: '# tap', other: '# taps' }));

/** Folded boards once one is folded or opened. */
export const toggled = (nodes: MapNode[], board: string): string[] => {
  const folded = nodes.filter((n) => n.folded).map((n) => n.board);
  return folded.includes(board) ? folded.filter((b) => b !== board) : [...folded, board];
};
