import type { ComponentProps } from 'react';
import { Pad } from './Pad';
import css from './pad.module.css';

/** A pad that was opened from a button too small to draw on: it lies over the board until it is left. */
export function PadOver(props: ComponentProps<typeof Pad> & { onLeave: () => void }) {
  return (
    <div className={css.over} role="dialog" data-over aria-label={props.label}>
      <Pad {...props} />
    </div>
  );
}
