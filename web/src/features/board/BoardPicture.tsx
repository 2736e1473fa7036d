import type { Board } from '../../api/types';
import { Card } from './Card';
import drawn from './drawn.module.css';

/** A board as a small true picture: every button in its place, nothing to press. `marked`: buttons that stand out. */
export function BoardPicture({ board, label, marked }: { board: Board; label: string; marked?: string[] }) {
  return (
    <div className={`${drawn.mat} ${drawn.small}`} role="img" aria-label={label}
      style={{ gridTemplateColumns: `repeat(${board.columns}, minmax(0, 1fr))`, gridTemplateRows: `repeat(${board.rows}, minmax(0, 1fr))` }}>
      {board.buttons.filter((b) => !b.hidden).map((b) => (
        <span key={b.id} className={marked?.includes(b.id) ? `${drawn.cell} ${drawn.differs}` : drawn.cell} style={{ gridArea: `${b.cell.row + 1} / ${b.cell.column + 1} / span ${b.span.rows} / span ${b.span.columns}` }}>
          <Card button={b} />
        </span>
      ))}
    </div>
  );
}
