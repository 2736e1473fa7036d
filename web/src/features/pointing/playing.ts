import type { Cell, NewTry, Round } from '../../api/types';
import { sameCell } from '../../data/cells';

/** Where a check is: which round, which target of it, and what was found until now. */
export interface Playing {
  round: number;
  target: number;
  tries: NewTry[];
}

export const BEGIN: Playing = { round: 0, target: 0, tries: [] };

export const count = (rounds: Round[]) => rounds.reduce((sum, r) => sum + r.targets.length, 0);

/** What is to be met now; none once all were. */
export const asked = (rounds: Round[], { round, target }: Playing): Round['targets'][number] | undefined => rounds[round]?.targets[target];

export interface Met {
  hit?: Cell;
  first?: Cell;
  millis?: number;
}

/** The next target, after one was met or missed. */
export function met(rounds: Round[], playing: Playing, { hit, first, millis }: Met): Playing {
  const { rows, columns, targets } = rounds[playing.round];
  const one: NewTry = {
    rows,
    columns,
    target: targets[playing.target].cell,
    hit,
    // Where a finger came down tells something only if it slid from there.
    first: first && !(hit && sameCell(first, hit)) ? first : undefined,
    millis: millis === undefined ? undefined : Math.min(MOST_MILLIS, Math.round(millis)),
  };
  const tries = [...playing.tries, one];
  const last = playing.target + 1 >= targets.length;
  return last ? { round: playing.round + 1, target: 0, tries } : { round: playing.round, target: playing.target + 1, tries };
}

const MOST_MILLIS = 600_000;

/** The target before, to be asked again. */
export function again(rounds: Round[], { round, target, tries }: Playing): Playing {
  if (tries.length === 0) return { round, target, tries };
  const back = target > 0 ? { round, target: target - 1 } : { round: round - 1, target: rounds[round - 1].targets.length - 1 };
  return { ...back, tries: tries.slice(0, -1) };
}
