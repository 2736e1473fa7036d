import { describe, expect, it } from 'vitest';
import type { MapNode } from '../../api/types';
import { asTree, farAway, toggled, trouble } from './map';

const node = (board: string, parent: string, more: Partial<MapNode> = {}): MapNode => ({
  board,
  name: board,
  parent,
  taps: 1,
  row: 0,
  section: 0,
  below: 0,
  folded: false,
  looseEnds: 0,
  noWayOut: false,
  ...more,
});
const nodes = [node('home', '', { taps: 0 }), node('sea', 'home', { folded: true }), node('fish', 'sea'), node('eat', 'home'), node('attic', '', { taps: -1 })];

describe('the map', () => {
  it('is a tree too: what is first reached through a board is in it, what no taps lead to stands alone', () => {
    const told = (branches: ReturnType<typeof asTree>): string =>
      branches.map((b) => b.node.board + (b.branches.length > 0 ? `(${told(b.branches)})` : '')).join(' ');
    expect(told(asTree({ nodes, links: [], rows: 3 }))).toBe('home(sea(fish) eat) attic');
  });
  it('says in words what is to be mended', () => {
    expect(trouble(nodes[0])).toBe('');
    expect(trouble(node('x', '', { taps: -1, looseEnds: 2, noWayOut: true }))).toBe('no taps lead here, 2 buttons lead nowhere, no way out');
    expect([farAway(nodes[0]), farAway(nodes[1]), farAway(node('x', '', { taps: 3 })), farAway(nodes[4])]).toEqual(['home', '1 tap', '3 taps', '']);
  });
  it('folds and opens one board at a time', () => {
    expect(toggled(nodes, 'eat')).toEqual(['sea', 'eat']);
    expect(toggled(nodes, 'sea')).toEqual([]);
  });
});
