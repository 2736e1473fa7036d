import { Here } from './here';
import type { Heard } from './voice';

/** How loud and how fast is talked with a vocabulary on this device, in steps; kept in this browser. */
type Dial = 'LOUDNESS' | 'RATE';
type Dials = Record<Dial, number>;

const LEVELS: Record<Dial, number[]> = { LOUDNESS: [0.15, 0.3, 0.5, 0.75, 1], RATE: [0.6, 0.7, 0.85, 1, 1.2, 1.4, 1.7] };
const USUAL: Dials = { LOUDNESS: LEVELS.LOUDNESS.indexOf(1), RATE: LEVELS.RATE.indexOf(1) };
const here = new Here<Partial<Dials>>('dials');

/** Turned by some steps, and no further than it goes. */
export function turned(dials: Dials, dial: Dial, steps: number): Dials {
  return { ...dials, [dial]: Math.max(0, Math.min(LEVELS[dial].length - 1, dials[dial] + steps)) };
}

function kept(vocabulary: number): Dials {
  const read = here.read(vocabulary);
  return turned({ LOUDNESS: read?.LOUDNESS ?? USUAL.LOUDNESS, RATE: read?.RATE ?? USUAL.RATE }, 'RATE', 0);
}

export function turn(vocabulary: number, dial: Dial, steps: number): void {
  here.keep(vocabulary, turned(kept(vocabulary), dial, steps));
}

/** @returns loudness 0 to 1, rate as a factor of the usual one. */
export function dialled(vocabulary: number): Pick<Heard, 'loudness' | 'rate'> {
  const dials = kept(vocabulary);
  return { loudness: LEVELS.LOUDNESS[dials.LOUDNESS] ?? 1, rate: LEVELS.RATE[dials.RATE] ?? 1 };
}
