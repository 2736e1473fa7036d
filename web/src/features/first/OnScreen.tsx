import { useMemo } from 'react';
import type { Board, Student, VocabularyView } from '../../api/types';
import { Card } from '../../drawn/Card';
import { gridLines, LooksOfBoard, seen } from '../../drawn/looks';
import drawn from '../../drawn/drawn.module.css';
import css from './first.module.css';

/** A board as it lies on the student's screen, gaps and all. `glows`: the button whose turn it is. */
export function OnScreen({ view, board, screen, glows }: { view: VocabularyView; board: Board; screen: Student['screen']; glows?: string }) {
  const whole = useMemo(() => ({ look: view.look, papers: view.papers }), [view.look, view.papers]);
  const { gap } = seen(whole, board.look, {});
  const portrait = screen.height > screen.width;
  return (
    <LooksOfBoard.Provider value={useMemo(() => ({ whole, board }), [whole, board])}>
      <div className={css.room}>
        <div
          className={portrait ? `${css.onScreen} ${css.portrait}` : css.onScreen}
          role="group"
          aria-label={board.name}
          style={{ ...gridLines(board), aspectRatio: `${screen.width} / ${screen.height * (1 - view.layout.message)}`, gap: `calc(100cqw * ${gap / 1000})` }}
        >
          {board.buttons.map((b) => (
            <div
              key={b.id}
              className={b.id === glows ? `${drawn.cell} ${css.glows}` : drawn.cell}
              style={{ gridArea: `${b.cell.row + 1} / ${b.cell.column + 1} / span ${b.span.rows} / span ${b.span.columns}` }}
            >
              <Card button={b} />
            </div>
          ))}
        </div>
      </div>
    </LooksOfBoard.Provider>
  );
}
