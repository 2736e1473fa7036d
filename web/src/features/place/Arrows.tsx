import type { Board, Cell } from '../../api/types';
import css from './place.module.css';

/** Arrows over a board, from where buttons stood to where they stand. */
export function Arrows({ board, arrows }: { board: Board; arrows: { id: string; from: Cell; to: Cell }[] }) {
  if (arrows.length === 0) return null;
  const x = middle(board.columns, board.widths);
  const y = middle(board.rows, board.heights);
  return (
    <svg className={css.arrows} viewBox="0 0 1000 1000" preserveAspectRatio="none" aria-hidden="true">
      <defs>
        <marker id="arrow-head" viewBox="0 0 10 10" refX="8" refY="5" markerWidth="5" markerHeight="5" orient="auto-start-reverse">
          <path d="M0 0 10 5 0 10Z" />
        </marker>
      </defs>
      {arrows.map(({ id, from, to }) => (
        <line key={id} x1={x(from.column)} y1={y(from.row)} x2={x(to.column)} y2={y(to.row)} markerEnd="url(#arrow-head)" vectorEffect="non-scaling-stroke" />
      ))}
    </svg>
  );
}

/** The middle of a line of a board, in thousandths of it. */
function middle(count: number, shares: number[]): (line: number) => number {
  const all = shares.length > 0 ? shares : Array.from({ length: count }, () => 1);
  const sum = all.reduce((a, b) => a + b, 0);
  return (line) => (1000 * (all.slice(0, line).reduce((a, b) => a + b, 0) + (all[line] ?? 1) / 2)) / sum;
}
