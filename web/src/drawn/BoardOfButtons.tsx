import { useMemo, type CSSProperties, type ReactNode } from 'react';
import type { Board, Button, VocabularyView } from '../api/types';
import { gridLines, LooksOfBoard, seen } from './looks';

/** Where a button stands in the grid of its board. */
export const areaOf = (b: Button) => ({ gridArea: `${b.cell.row + 1} / ${b.cell.column + 1} / span ${b.span.rows} / span ${b.span.columns}` });

/** How a button is told apart by what scans a board: by what it is, and where it stands. */
export const stopOf = (b: Button) => ({ 'data-stop': `cell ${b.id}`, 'data-row': b.cell.row, 'data-column': b.cell.column });

const shadow = (wide: string, gap: number, paper: string) => ['0 0 0', `calc(${wide} * ${gap / 2000})`, paper].join(' ');

interface Props {
  board: Board;
  view: Pick<VocabularyView, 'look' | 'papers'>;
  className: string;
  /** What the gap is a share of. */
  wide: '100vw' | '100cqw';
  children: ReactNode;
}

/** The grid of a board as whoever talks sees it: its lines, its gap, its paper. */
export function BoardOfButtons({ board, view, className, wide, children }: Props) {
  const { look, papers } = view;
  const whole = useMemo(() => ({ look, papers }), [look, papers]);
  const looks = useMemo(() => ({ whole, board }), [whole, board]);
  const { gap, background } = seen(whole, board.look, {});
  const paper = background && { background, boxShadow: shadow(wide, gap, background) };
  return (
    <div
      className={className}
      role="group"
      aria-label={board.name}
      data-rows={board.rows}
      data-columns={board.columns}
      style={{ ...gridLines(board), ...paper, '--gap': gap / 1000 } as CSSProperties}
    >
      <LooksOfBoard.Provider value={looks}>{children}</LooksOfBoard.Provider>
    </div>
  );
}
