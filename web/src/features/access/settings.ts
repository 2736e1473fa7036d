import type { Scanning, Switch, Touching } from '../../api/types';

/** As core has them where nothing was chosen (`Touching.USUAL`, `Scanning.USUAL`). */
export const USUAL_TOUCHING: Touching = { when: 'ON_RELEASE', restMs: 600, againMs: 0, slip: 0, edge: 0 };
const key = (id: string): Switch => ({ sort: 'KEY', of: id });
/** By the names browsers give to keys. */
export const [SPACE, ENTER] = ['Space', 'Enter'].map(key);
export const USUAL_SCANNING: Scanning = {
  way: 'ROWS',
  stepMs: 1500,
  firstMs: 500,
  loops: 3,
  cue: false,
  taking: SPACE,
  chatterMs: 250,
  blocks: [],
};
