import { t } from '@lingui/core/macro';
import { App } from 'antd';
import { useQuery } from '@tanstack/react-query';
import type { Cell, Intention, VocabularyView } from '../../api/types';
import { BoardPicture } from '../../drawn/BoardPicture';
import { board as boardQuery } from '../../data/boards';
import { BOARD_DRAGGED } from '../boardlist';
import { buttonAt, openingFrom } from '../../drawn/grid';
import { spoken } from '../../data/cells';
import { gridLines } from '../../drawn/looks';
import css from './map.module.css';

/** A board that another is held over: its cells take the other, so that a button there opens it. */
export function LinkInto({
  view,
  board,
  onEdit,
  onDone,
}: {
  view: VocabularyView;
  board: string;
  onEdit: (made: Intention) => Promise<unknown>;
  onDone: () => void;
}) {
  const { message } = App.useApp();
  const line = view.boards.find((b) => b.id === board);
  const { data } = useQuery(boardQuery(view.id, board, line?.revision));
  if (!line || !data) return null;
  const on = data;

  async function link(opened: string, cell: Cell) {
    onDone();
    const name = view.boards.find((b) => b.id === opened)?.name ?? '';
    const was = buttonAt(on, cell);
    if (await onEdit(openingFrom(on, cell, opened, name))) {
      void message.success(was?.label ? t`“${was.label}” on ${on.name} opens ${name} now.` : t`${name} is opened from ${on.name}, ${spoken(cell)}.`, 4);
    }
  }

  const cells = Array.from({ length: on.rows * on.columns }, (_, i) => ({ row: Math.floor(i / on.columns), column: i % on.columns }));
  return (
    <div className={css.into} data-board={board} onDragOver={(e) => e.preventDefault()}>
      <BoardPicture board={on} label={t`Cells of ${on.name}`} looks={{ look: view.look, papers: view.papers }} />
      <div className={css.cells} style={gridLines(on)}>
        {cells.map((cell) => (
          <span
            key={`${cell.row} ${cell.column}`}
            data-cell={spoken(cell)}
            style={{ gridArea: `${cell.row + 1} / ${cell.column + 1}` }}
            onDragEnter={(e) => e.currentTarget.classList.add(css.over)}
            onDragLeave={(e) => e.currentTarget.classList.remove(css.over)}
            onDrop={(e) => {
              e.preventDefault();
              e.stopPropagation();
              void link(e.dataTransfer.getData(BOARD_DRAGGED), cell);
            }}
          />
        ))}
      </div>
    </div>
  );
}
