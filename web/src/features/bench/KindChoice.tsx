import type { ReactNode } from 'react';
import type { Kind } from '../../api/types';
import { KindMark } from '../../drawn/kinds';
import { kinds } from '../../drawn/kindNames';
import drawn from '../../drawn/drawn.module.css';
import { DottedChoice } from '../../shell/Dotted';

interface Props {
  label: string;
  /** How a kind is called there. */
  called: 'sentence' | 'many';
  /** What no kind is called there. */
  none: string;
  disabled?: boolean;
  onChoose: (kind?: Kind) => void;
  children: ReactNode;
}

/** Which kind of words: each with its mark, and none. */
export function KindChoice({ label, called, none, disabled, onChoose, children }: Props) {
  const marked = kinds.map((k) => ({
    key: k.kind,
    label: (
      <span className={drawn.kindChoice}>
        <KindMark kind={k.kind} /> {k[called]}
      </span>
    ),
  }));
  return (
    <DottedChoice
      label={label}
      disabled={disabled}
      items={[...marked, { key: 'none', label: none }]}
      onChoose={(key) => onChoose(key === 'none' ? undefined : (key as Kind))}
    >
      {children}
    </DottedChoice>
  );
}
