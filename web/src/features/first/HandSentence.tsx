import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { useState } from 'react';
import type { FirstBoards, FirstRoom, Student } from '../../api/types';
import parts from '../../shell/parts.module.css';
import { HandNeeds } from './HandNeeds';

/** How far apart the cells stand and how large they are, and why; changed for the student, it holds for every board made so from then on. */
export function HandSentence({ student, sizes, room, onKept }: { student: Student; sizes: FirstBoards; room: FirstRoom; onKept: () => void }) {
  const [open, setOpen] = useState(false);
  const { hand, known } = sizes;
  const needed = Math.round(hand.gap / 1000);
  const least = Math.round(hand.leastCell / 1000);
  const narrower = room.gapMm * 1000 < hand.gap - 1000;
  const why = () => {
    const because = hand.reason && t`Because: ${hand.reason}`;
    if (narrower && known)
      return `${t`${student.name}’s hand needs ${needed} mm; then the cells would be smaller than the ${least} mm it can hit.`} ${because}`;
    if (narrower) return t`Usually it is ${needed} mm; then the cells would be smaller than ${least} mm.`;
    if (known) return because;
    return t`That is usual: two fingers, so that a hand beside one does not touch the next.`;
  };
  return (
    <>
      <p>
        <Trans>
          They stand <strong>{Math.round(room.gapMm)} mm</strong> apart, each{' '}
          <strong>
            {Math.round(room.cellWidthMm)} x {Math.round(room.cellHeightMm)} mm
          </strong>
          .
        </Trans>{' '}
        {why()}{' '}
        {!open && (
          <button type="button" className={parts.dotted} onClick={() => setOpen(true)}>
            {t`what ${student.name}’s hand needs`}
          </button>
        )}
      </p>
      {open && <HandNeeds student={student} hand={hand} onClose={() => setOpen(false)} onKept={onKept} />}
    </>
  );
}
