import { useEffect, useRef, useState } from 'react';

const HOLD_MS = 700;

/** Held for a moment by touch, so that no student opens it by accident; pressed at once by keyboard. */
export function Held({ label, title, onHeld, className, children }: { label: string; title: string; onHeld: () => void; className: string; children: string }) {
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const [holding, setHolding] = useState(false);
  const stop = () => {
    clearTimeout(timer.current);
    setHolding(false);
  };
  useEffect(() => () => clearTimeout(timer.current), []);
  return (
    <button
      type="button"
      className={className}
      data-holding={holding || undefined}
      aria-label={label}
      title={title}
      onPointerDown={() => {
        setHolding(true);
        timer.current = setTimeout(() => {
          setHolding(false);
          onHeld();
        }, HOLD_MS);
      }}
      onPointerUp={stop}
      onPointerLeave={stop}
      onKeyDown={(e) => {
        if (e.key === 'Enter') {
          e.preventDefault();
          onHeld();
        }
      }}
    >
      {children}
    </button>
  );
}
