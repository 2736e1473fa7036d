import { Button as PlainButton } from 'antd';
import { useEffect, useRef, type ReactNode } from 'react';
import type { Intention, Preview } from '../../api/types';
import type { Doing } from './bench';
import bench from './bench.module.css';

interface Props {
  doing: Doing;
  boardId: string;
  onLink: (opener: { board: string; button: string }) => void;
  onDo: (intention: Intention) => void;
  /** `to`: the board it was begun on. */
  onLeave: (to?: string) => void;
}

/** Above the board, while something is under way that goes on until it is done or left. */
export function DoingBar({ doing, boardId, onLink, onDo, onLeave }: Props) {
  const from = doing.what === 'moving' || doing.what === 'linking' ? doing.board : undefined;
  const underWay = from !== undefined || doing.what === 'previewing';
  const leave = useRef(() => onLeave(from));
  leave.current = () => onLeave(from);
  useEffect(() => {
    if (!underWay) return undefined;
    const escape = (event: KeyboardEvent) => { if (event.key === 'Escape' && !event.defaultPrevented) leave.current(); };
    window.addEventListener('keydown', escape);
    return () => window.removeEventListener('keydown', escape);
  }, [underWay]);
  switch (doing.what) {
    case 'moving':
      return (
        <Bar said={<>“{doing.label}” is in hand: choose its new cell, here or on another board. A button that stands there changes places with it; nothing else moves.</>}>
          <PlainButton onClick={() => onLeave(doing.board)}>Leave it</PlainButton>
        </Bar>
      );
    case 'linking':
      return (
        <Bar said={<>“{doing.label}” is to open a board: go to it, then say so.</>}>
          <PlainButton type="primary" disabled={doing.board === boardId} onClick={() => onLink(doing)}>It opens this one</PlainButton>
          <PlainButton onClick={() => onLeave(doing.board)}>Leave it</PlainButton>
        </Bar>
      );
    case 'previewing':
      return (
        <Bar said={<>{movingButtons(doing.moving)} change place by this.</>}>
          <PlainButton type="primary" onClick={() => onDo(doing.intention)}>Do it</PlainButton>
          <PlainButton autoFocus onClick={() => onLeave()}>Leave it</PlainButton>
        </Bar>
      );
    default:
      return null;
  }
}

function Bar({ said, children }: { said: ReactNode; children: ReactNode }) {
  return <div className={bench.linking} role="status"><span>{said}</span>{children}</div>;
}

function movingButtons(moving: Preview['moving']): string {
  const named = moving.slice(0, 5).map((m) => `“${m.label || 'a picture'}”`).join(', ');
  return moving.length === 1 ? `1 button, ${named}, would` : `${moving.length} buttons, ${named}${moving.length > 5 ? ' and others' : ''}, would`;
}
