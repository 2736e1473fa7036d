import type { Scanning } from '../../api/types';
import type { Stop } from './round';

// Where a round stands, as core has it (`access/Scan`); both are tried on the same cases.

export interface Scan {
  how: Scanning;
  round: Stop[];
  /** The place of what is lit among its level, after those of the groups it is in; empty while it rests. */
  path: number[];
  /** How many rounds of this level are over. */
  loop: number;
  /** When what is lit was lit. */
  since: number;
}

export const begin = (how: Scanning, round: Stop[], ms: number): Scan => ({ how, round, path: round.length > 0 ? [0] : [], loop: 0, since: ms });

/** It rests until a switch is pressed. */
export const resting = (scan: Scan): Scan => ({ ...scan, path: [], loop: 0 });

const levelOf = ({ round, path }: Scan): Stop[] => path.slice(0, -1).reduce((level, place) => level[place].within, round);

export const litBy = (scan: Scan): Stop | undefined => levelOf(scan)[scan.path.at(-1) ?? -1];

/** When the next is lit; undefined while it rests, or if it goes on by hand. */
export function due({ how, path, since }: Scan): number | undefined {
  if (path.length === 0 || how.stepping) return undefined;
  return since + how.stepMs + (path.at(-1) === 0 ? how.firstMs : 0);
}

/** Time has passed: it goes on as many stops as it was due, each beginning when the one before it was over. */
export function passed(scan: Scan, ms: number): Scan {
  let now = scan;
  for (let at = due(now); at !== undefined && at <= ms; at = due(now)) now = onwards(now, at, scan.how.loops);
  return now;
}

/** The switch that goes on was pressed. */
export function stepped(scan: Scan, ms: number): Scan {
  const { how, round, path } = scan;
  if (path.length === 0 || (path.length === 1 && path[0] === round.length - 1)) return begin(how, round, ms);
  return onwards(scan, ms, 1);
}

/** The switch that takes what is lit was pressed. @returns what was chosen by it; none if it went into a group, or began */
export function pressed(scan: Scan, ms: number): { scan: Scan; chosen?: string } {
  const lit = litBy(scan);
  if (!lit) return { scan: begin(scan.how, scan.round, ms) };
  if (lit.within.length === 0) return { scan: begin(scan.how, scan.round, ms), chosen: lit.id };
  return { scan: { ...scan, path: [...scan.path, 0], loop: 0, since: ms } };
}

function onwards(scan: Scan, ms: number, most: number): Scan {
  const last = scan.path.at(-1)!;
  const above = scan.path.slice(0, -1);
  if (last + 1 < levelOf(scan).length) return { ...scan, path: [...above, last + 1], since: ms };
  return scan.loop + 1 < most ? { ...scan, path: [...above, 0], loop: scan.loop + 1, since: ms } : { ...scan, path: above, loop: 0, since: ms };
}
