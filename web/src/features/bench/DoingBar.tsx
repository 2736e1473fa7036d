import { Trans } from '@lingui/react/macro';
import { plural, t } from '@lingui/core/macro';
import { Button as PlainButton, Input } from 'antd';
import { useEffect, useEffectEvent, useState, type ReactNode } from 'react';
import type { Intention, Preview } from '../../api/types';
import type { Asked, Doing } from './bench';
import type { Wish } from '../../data/boards';
import { startsLarge } from '../edit';
import bench from '../../shell/bench.module.css';

interface Props {
  doing: Doing;
  boardId: string;
  onLink: (opener: { board: string; button: string }) => void;
  onDo: (intention: Intention) => void;
  /** Does after all what was asked about. */
  onSure: (wish: Wish) => void;
  /** `to`: the board it was begun on. */
  onLeave: (to?: string) => void;
}

/** Above the board, while something is under way that goes on until it is done or left. */
export function DoingBar({ doing, boardId, onLink, onDo, onSure, onLeave }: Props) {
  const from = doing.what === 'moving' || doing.what === 'linking' ? doing.board : undefined;
  const underWay = from !== undefined || doing.what === 'previewing' || doing.what === 'asked';
  const escape = useEffectEvent((event: KeyboardEvent) => {
    if (event.key === 'Escape' && !event.defaultPrevented) onLeave(from);
  });
  useEffect(() => {
    if (!underWay) return undefined;
    const keys = (event: KeyboardEvent) => escape(event);
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, [underWay]);
  switch (doing.what) {
    case 'moving':
      return (
        <Bar
          said={
            <Trans>
              “{doing.label}” is in hand: choose its new cell, here or on another board. A button that stands there changes places with it; nothing else moves.
            </Trans>
          }
        >
          <PlainButton onClick={() => onLeave(doing.board)}>{t`Leave it`}</PlainButton>
        </Bar>
      );
    case 'linking':
      return (
        <Bar said={<>{t`“${doing.label}” is to open a board: go to it, then say so.`}</>}>
          <PlainButton type="primary" disabled={doing.board === boardId} onClick={() => onLink(doing)}>{t`It opens this one`}</PlainButton>
          <PlainButton onClick={() => onLeave(doing.board)}>{t`Leave it`}</PlainButton>
        </Bar>
      );
    case 'previewing':
      return (
        <Bar said={<>{t`${movingButtons(doing.moving)} change place by this.`}</>}>
          <PlainButton type="primary" onClick={() => onDo(doing.intention)}>{t`Do it`}</PlainButton>
          <PlainButton autoFocus onClick={() => onLeave()}>{t`Leave it`}</PlainButton>
        </Bar>
      );
    case 'asked':
      return <AskedBar asked={doing.asked} onDo={onDo} onSure={onSure} onLeave={() => onLeave()} />;
    default:
      return null;
  }
}

/** What would move, what would move nothing, and, where places are kept, the reason to be given. */
function AskedBar({ asked, onDo, onSure, onLeave }: { asked: Asked; onDo: (intention: Intention) => void; onSure: (wish: Wish) => void; onLeave: () => void }) {
  const [reason, setReason] = useState('');
  const [giving, setGiving] = useState(false);
  const sure = () => {
    if (!asked.needsReason || reason.trim()) onSure({ ...asked.wish, sure: true, reason: reason.trim() || undefined });
  };
  return (
    <Bar said={asked.needsReason ? <>{t`${asked.sentence} Places are kept for this student.`}</> : asked.sentence}>
      {asked.instead && (
        <PlainButton type="primary" onClick={() => onDo(asked.instead!.intention)}>
          {startsLarge(asked.instead.words)}
        </PlainButton>
      )}
      {!asked.needsReason ? (
        <PlainButton onClick={sure}>{t`Do it all the same`}</PlainButton>
      ) : giving ? (
        <Input
          autoFocus
          className={bench.reason}
          aria-label={t`Why`}
          placeholder={t`why it must be, for the history`}
          value={reason}
          maxLength={200}
          onChange={(e) => setReason(e.target.value)}
          onPressEnter={sure}
          suffix={<PlainButton size="small" disabled={!reason.trim()} onClick={sure}>{t`Do it`}</PlainButton>}
        />
      ) : (
        <PlainButton onClick={() => setGiving(true)}>{t`Do it, with a reason…`}</PlainButton>
      )}
      <PlainButton autoFocus={!asked.instead} onClick={onLeave}>{t`Leave it`}</PlainButton>
    </Bar>
  );
}

function Bar({ said, children }: { said: ReactNode; children: ReactNode }) {
  return (
    <div className={bench.linking} role="status">
      <span>{said}</span>
      {children}
    </div>
  );
}

function movingButtons(moving: Preview['moving']): string {
  const named = moving
    .slice(0, 5)
    .map((m) => `“${m.label || t`a picture`}”`)
    .join(', ');
  if (moving.length > 5) return t`${moving.length} buttons, ${named} and others, would`;
  return plural(moving.length, { one: `# button, ${named}, would`, other: `# buttons, ${named}, would` });
}
