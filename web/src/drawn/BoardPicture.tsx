import { useMemo } from 'react';
import type { Board } from '../api/types';
import { Card } from './Card';
import { gridLines, LooksOfBoard, seen, type Looks } from './looks';
import drawn from './drawn.module.css';

/** A board as a small true picture: every button in its place, nothing to press. `marked`: buttons that stand out. */
export function BoardPicture({ board, label, marked, looks }: { board: Board; label: string; marked?: string[]; looks?: Looks }) {
  const whole = looks ?? { look: {}, papers: {} };
  const { background } = seen(whole, board.look, {});
  return (
    <LooksOfBoard.Provider value={useMemo(() => ({ whole: looks ?? { look: {}, papers: {} }, board }), [looks, board])}>
      <div className={`${drawn.mat} ${drawn.small}`} role="img" aria-label={label} style={{ ...gridLines(board), ...(background && { background }) }}>
        {board.buttons
          .filter((b) => !b.hidden)
          .map((b) => (
            <span
              key={b.id}
              className={marked?.includes(b.id) ? `${drawn.cell} ${drawn.differs}` : drawn.cell}
              style={{ gridArea: `${b.cell.row + 1} / ${b.cell.column + 1} / span ${b.span.rows} / span ${b.span.columns}` }}
            >
              <Card button={b} />
            </span>
          ))}
      </div>
    </LooksOfBoard.Provider>
  );
}
