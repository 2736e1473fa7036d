import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Input, InputNumber } from 'antd';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { FirstBoards, FirstRoom, Student } from '../../api/types';
import { changeStudent } from '../../data/students';
import parts from '../../shell/parts.module.css';
import css from './first.module.css';

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
      {open && <Needs student={student} hand={hand} onClose={() => setOpen(false)} onKept={onKept} />}
    </>
  );
}

function Needs({ student, hand, onClose, onKept }: { student: Student; hand: FirstBoards['hand']; onClose: () => void; onKept: () => void }) {
  const [gap, setGap] = useState<number | null>(Math.round(hand.gap / 1000));
  const [cell, setCell] = useState<number | null>(Math.round(hand.leastCell / 1000));
  const [reason, setReason] = useState(hand.reason);
  const keeping = useMutation({
    mutationFn: () => {
      const { id: _id, ...facts } = student;
      return changeStudent(student, { ...facts, hand: { gap: (gap ?? 0) * 1000, leastCell: (cell ?? 0) * 1000, reason } });
    },
    onSuccess: () => {
      onKept();
      onClose();
    },
  });
  return (
    <div className={css.needs}>
      <label>
        {t`Between cells, in mm`} <InputNumber aria-label={t`Between cells, in mm`} min={0} max={60} precision={0} value={gap} onChange={setGap} autoFocus />
      </label>
      <label>
        {t`No cell smaller than, in mm`}{' '}
        <InputNumber aria-label={t`No cell smaller than, in mm`} min={5} max={200} precision={0} value={cell} onChange={setCell} />
      </label>
      <label>
        {t`Why, for the next who asks`} <Input value={reason} maxLength={200} onChange={(e) => setReason(e.target.value)} />
      </label>
      {keeping.isError && <p role="alert">{sentence(keeping.error)}</p>}
      <p className={parts.sentenceButtons}>
        <Button type="primary" loading={keeping.isPending} disabled={gap === null || cell === null} onClick={() => keeping.mutate()}>{t`Keep`}</Button>
        <Button onClick={onClose}>{t`Leave it`}</Button>
      </p>
    </div>
  );
}
