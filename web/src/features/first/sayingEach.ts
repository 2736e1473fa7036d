import { useState } from 'react';
import { choseLately, lately } from '../../data/lately';

const LATELY = 'first-board-said';

/** Whether each word is said into the microphone as soon as it stands on the board; as it was chosen last on this device. */
export function useSaysEach(): [boolean, (says: boolean) => void] {
  const [says, set] = useState(() => lately(LATELY)[0] !== 'no');
  return [
    says,
    (now) => {
      choseLately(LATELY, now ? 'yes' : 'no');
      set(now);
    },
  ];
}
