import type { Scanning } from '../../api/types';
import { LEAVE, one, roundOf, WAY_OUT, wayOut, type Placed, type Stop } from './round';

/** What can be chosen in what is shown, and the order it lights up in. */
export interface Surface {
  round: Stop[];
  elements: Map<string, HTMLElement>;
}

const isThere = (el: HTMLElement) => el.getClientRects().length > 0 && !el.closest('[aria-hidden="true"]');

/**
 * Reads it off the page. A board marks its buttons: `data-stop` is what a button is called in a round, `data-row` and `data-column` where it stands; what
 * is done with the message has no place (what has `data-after` comes last), and what leads out is called so. Elsewhere every button is one, in order.
 */
export function surfaceOf(root: HTMLElement, how: Scanning): Surface {
  const over = [...root.querySelectorAll<HTMLElement>('[data-over]')].at(-1);
  const at = over ?? root;
  const isBoard = !over && at.querySelector('[data-rows]') !== null;
  const marked = !isBoard ? [] : [...at.querySelectorAll<HTMLElement>('[data-stop]')].filter((el) => isThere(el) && !el.matches(':disabled'));
  if (marked.length > 0) return ofBoard(at, marked, how);
  const buttons = [...at.querySelectorAll<HTMLElement>('button:not(:disabled)')].filter((el) => isThere(el) && el.dataset.held !== '');
  const out = buttons.find((el) => el.dataset.held === 'leaves');
  const elements = new Map(buttons.map((el, i) => [el === out ? WAY_OUT : String(i), el]));
  const all = buttons.flatMap((el, i) => (el === out ? [] : [{ el, stop: one(String(i)) }]));
  const round = how.way === 'CELLS' || all.length <= FEW ? all.map((a) => a.stop) : inGroups(all);
  return { round: [...round, ...(out ? [wayOut] : [])], elements };
}

/** So many light up one by one. */
const FEW = 6;

/** What stands together in a group of the page lights up together. */
function inGroups(all: { el: HTMLElement; stop: Stop }[]): Stop[] {
  const groups = new Map<Element, Stop[]>();
  for (const { el, stop } of all) {
    const group = el.closest('[role="group"]') ?? el;
    groups.set(group, [...(groups.get(group) ?? []), stop]);
  }
  return [...groups.values()].map((stops, i) => (stops.length > 1 ? { id: `group ${i}`, within: stops } : stops[0]));
}

function ofBoard(at: HTMLElement, marked: HTMLElement[], how: Scanning): Surface {
  const elements = new Map(marked.map((el) => [el.dataset.stop!, el]));
  const placed: Placed[] = marked
    .filter((el) => el.dataset.row !== undefined)
    .map((el) => ({ id: el.dataset.stop!, row: Number(el.dataset.row), column: Number(el.dataset.column) }));
  const done = marked.filter((el) => el.dataset.row === undefined);
  const bar = [...done.filter((el) => el.dataset.after === undefined), ...done.filter((el) => el.dataset.after !== undefined)].map((el) => el.dataset.stop!);
  const grid = at.querySelector<HTMLElement>('[data-rows]');
  return { round: roundOf(how, Number(grid?.dataset.rows ?? 1), Number(grid?.dataset.columns ?? 1), placed, bar), elements };
}

/** What is drawn as lit for a stop; the answers to whether to leave are drawn at what leads out. */
export const elementOf = ({ elements }: Surface, id: string): HTMLElement | undefined => elements.get(id) ?? elements.get(WAY_OUT);

export function choose({ elements }: Surface, id: string): void {
  elements.get(id === LEAVE ? WAY_OUT : id)?.click();
}

/** The same things to choose, in the same order. */
export const isSame = (a: Surface, b: Surface) => JSON.stringify(a.round) === JSON.stringify(b.round);
