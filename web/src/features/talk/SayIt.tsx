import { t } from '@lingui/core/macro';
import { useEffect, useRef } from 'react';
import css from './talk.module.css';

const HOLD_MS = 900;

/** Says the message; held, it is said again and again until it is let go. */
export function SayIt({ disabled, onSay }: { disabled: boolean; onSay: () => Promise<void> }) {
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const held = useRef(false);
  const release = () => {
    clearTimeout(timer.current);
    held.current = false;
  };
  useEffect(() => () => clearTimeout(timer.current), []);
  async function again() {
    held.current = true;
    while (held.current) await onSay();
  }
  return (
    <button
      type="button"
      className={css.sayIt}
      disabled={disabled}
      title={t`Hold to say it again and again`}
      onPointerDown={() => {
        timer.current = setTimeout(() => void again(), HOLD_MS);
      }}
      onPointerUp={release}
      onPointerLeave={release}
      onClick={() => void onSay()}
    >{t`Say it`}</button>
  );
}
