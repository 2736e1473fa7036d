import type { ReactNode } from 'react';
import parts from './parts.module.css';

/** A word of a sentence with the sign behind it, which never stands alone at the beginning of a line. */
export function Glued({ children, after }: { children: ReactNode; after: string }) {
  return (
    <span className={parts.glued}>
      {children}
      {after}
    </span>
  );
}
