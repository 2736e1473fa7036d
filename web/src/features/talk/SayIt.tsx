import { t } from '@lingui/core/macro';
import { useCallback, useEffect, useRef } from 'react';
import css from './talk.module.css';

const HOLD_MS = 900;

/** Says the message; held, it is said again and again until it is let go. */
export function SayIt({ disabled, onSay }: { disabled: boolean; onSay: () => Promise<void> }) {
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const held = useRef(false);
  /** Whether the touch that ends was one that said it again and again: it does not say it once more. */
  const repeated = useRef(false);
  const release = useCallback(() => {
    clearTimeout(timer.current);
    held.current = false;
  }, []);
  useEffect(() => release, [release]);
  async function again() {
    held.current = true;
    repeated.current = true;
    while (held.current) await onSay();
  }
  return (
    <button
      type="button"
      className={css.sayIt}
      data-stop="say"
      disabled={disabled}
      title={t`Hold to say it again and again`}
      onPointerDown={() => {
        repeated.current = false;
        timer.current = setTimeout(() => void again(), HOLD_MS);
      }}
      onPointerUp={release}
      onPointerLeave={release}
      onPointerCancel={release}
      onClick={() => {
        if (!repeated.current) void onSay();
        repeated.current = false;
      }}
    >{t`Say it`}</button>
  );
}
