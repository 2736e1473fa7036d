import { useEffect, useRef, useState } from 'react';

const HOLD_MS = 700;

interface Props {
  label: string;
  title: string;
  onHeld: () => void;
  className: string;
  /** It leads out of what is shown, also for who uses switches. */
  leaves?: boolean;
  children: string;
}

/** Held for a moment by touch, so that no student opens it by accident; pressed at once by keyboard, and by who reads the screen aloud. */
export function Held({ label, title, onHeld, className, leaves, children }: Props) {
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
      data-adult
      data-held={leaves ? 'leaves' : ''}
      data-stop={leaves ? 'way-out' : undefined}
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
      onClick={(e) => e.detail === 0 && onHeld()}
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
