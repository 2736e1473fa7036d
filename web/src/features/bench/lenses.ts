import type { Board, Cost, Preview } from '../../api/types';
import { stops, buttonAt } from '../../drawn/grid';
import { keyOf, spoken } from '../../data/cells';
import type { Lens, Overlay } from '../../drawn/overlay';
import { kinds } from '../../drawn/kindNames';

/** The lenses by name, in the order in which they hang. */
export type LensName = 'Words' | 'Reveal' | 'Places' | 'Reach' | 'Sounds' | 'Kinds';

/** What each button says; those that say nothing carry a tag. */
export const sounds: Lens = (_, board) => new Map(board.buttons.map((b) => {
  const says = b.says.type === 'words' ? b.says.text : b.says.type === 'label' ? b.label : '';
  const overlay: Overlay = says ? { classes: [], note: says === b.label ? undefined : `“${says}”`, told: `says ${says}` }
    : { classes: ['silentWord'], tag: b.doings.length > 0 ? undefined : 'says nothing', told: 'says nothing' };
  return [keyOf(b.cell), overlay];
}));

/** The kind of each word, in words. */
export const kindsLens: Lens = (_, board) => new Map(board.buttons.map((b) => {
  const kind = kinds.find((k) => k.kind === b.kind)?.sentence.replace(/^an? | word$/g, '');
  return [keyOf(b.cell), kind ? { classes: [], note: kind, told: `${kind} word` } : { classes: ['silentWord'] }];
}));

/** What each word costs: taps, and the way a finger travels. */
export const reach = (costs: Cost[]): Lens => () => new Map(costs.map((c) => {
  const note = `${c.taps} ${c.taps === 1 ? 'tap' : 'taps'}, ${centimetres(c.travelMm)}`;
  return [keyOf(c.cell), { classes: [], note, told: note }];
}));

export const centimetres = (mm: number) => `${(mm / 10).toFixed(mm < 100 ? 1 : 0)} cm`;

/** The plain view of a board: what leads nowhere, what the student does not see, and which cells are kept free. */
export const words: Lens = (view, board) => {
  const overlays = new Map<string, Overlay>();
  const boards = new Set(view.boards.map((b) => b.id));
  const kept = new Set(view.boards.find((b) => b.id === board.id)?.keptFree.map(keyOf));
  for (const cell of stops(board)) {
    const button = buttonAt(board, cell);
    if (!button) {
      if (kept.has(keyOf(cell))) overlays.set(keyOf(cell), { classes: ['keptFree'], kept: 'kept free', told: 'kept free' });
      continue;
    }
    const loose = button.leads.type === 'opens' && !boards.has(button.leads.board);
    if (loose || button.hidden) {
      overlays.set(keyOf(cell), { classes: button.hidden ? ['hiddenWord'] : [], ...(loose && { tag: 'leads nowhere', told: 'leads nowhere' }) });
    }
  }
  return overlays;
};

/** What lies over the board. Words are always told; a lens adds to them. */
export function lensOf(lens: LensName, costs?: Cost[], other?: Lens): Lens {
  const over = lens === 'Reveal' || lens === 'Places' ? other : lens === 'Sounds' ? sounds : lens === 'Kinds' ? kindsLens : lens === 'Reach' && costs ? reach(costs) : undefined;
  if (!over) return words;
  return (view, board) => new Map([...words(view, board), ...over(view, board)]);
}

/** Says on each button that would change place where it would go. */
export function withMoves(overlays: Map<string, Overlay>, board: Board, moving?: Preview['moving']): Map<string, Overlay> {
  const here = moving?.filter((m) => m.board === board.id) ?? [];
  if (here.length === 0) return overlays;
  const over = new Map(overlays);
  for (const m of here) over.set(keyOf(m.from), { classes: [], tag: `to ${m.to.row + 1}, ${m.to.column + 1}`, told: `would go to ${spoken(m.to)}` });
  return over;
}
