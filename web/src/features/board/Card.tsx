import type { Button } from '../../api/types';
import { ButtonPicture } from '../picture/art';
import { KindMark } from './kinds';
import drawn from './drawn.module.css';

/** A button as it looks, wherever it stands: one that opens a board is drawn as two stacked cards. */
export function Card({ button }: { button: Button }) {
  const opens = button.leads.type === 'opens';
  return (
    <span className={`${drawn.card} ${opens ? drawn.opens : ''} ${button.layers.length > 0 ? '' : drawn.wordOnly}`}>
      <ButtonPicture layers={button.layers} />
      {button.label && <span className={drawn.label} dir="auto" style={{ '--length': Math.max(longest(button.label), 4), '--lines': button.label.includes(' ') ? 2 : 1 } as React.CSSProperties}>{button.label}</span>}
      {button.kind && <KindMark kind={button.kind} />}
    </span>
  );
}

/** Letters of the longest line a label will have: on two lines if it has a space, else on one. */
function longest(label: string): number {
  const words = label.split(' ');
  return Math.max(Math.ceil(label.length / Math.min(2, words.length)), ...words.map((w) => w.length));
}
