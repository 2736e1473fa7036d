import type { Version } from '../../api/types';

/** Versions of one person on one day, one after the other; the newest first. */
export interface Spell {
  day: string;
  by: string;
  versions: Version[];
}

/** Gathers versions, the newest first, by day and person: one spell goes on until somebody else did something or a day began. */
export function gathered(versions: Version[], dayOf: (at: string) => string): Spell[] {
  const spells: Spell[] = [];
  for (const version of versions) {
    const last = spells.at(-1);
    const day = dayOf(version.madeAt);
    const by = version.by ?? 'Dwimble';
    if (last && last.day === day && last.by === by) last.versions.push(version);
    else spells.push({ day, by, versions: [version] });
  }
  return spells;
}
