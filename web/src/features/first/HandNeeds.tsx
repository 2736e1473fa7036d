import { t } from '@lingui/core/macro';
import { useMutation } from '@tanstack/react-query';
import { Button, Input, InputNumber } from 'antd';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { FirstBoards, Student } from '../../api/types';
import { changeStudent } from '../../data/students';
import parts from '../../shell/parts.module.css';
import css from './first.module.css';

/** Asks for what a student’s hand needs, and keeps it. */
export function HandNeeds({ student, hand, onClose, onKept }: { student: Student; hand: FirstBoards['hand']; onClose: () => void; onKept: () => void }) {
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
