import { Dropdown, type MenuProps } from 'antd';
import type { Board, Button, Cell, Intention } from '../../api/types';
import parts from '../../shell/parts.module.css';

type Axis = 'ROWS' | 'COLUMNS';

/** Everything about the shape of what is marked: how many cells a button covers, splitting a cell, rows and columns. */
export function ShapeMenu({ board, cell, button, onTry }: { board: Board; cell: Cell; button?: Button; onTry: (intention: Intention) => void }) {
  const on = { board: board.id };
  const stretch = (rows: number, columns: number): Intention => ({ type: 'stretch-button', ...on, button: button!.id, span: { rows, columns } });
  const done = new Map<string, Intention>();
  const item = (key: string, label: string, intention: Intention, disabled = false) => {
    done.set(key, intention);
    return { key, label, disabled };
  };
  const { rows, columns } = button?.span ?? { rows: 1, columns: 1 };
  const items: MenuProps['items'] = [
    ...(button ? [
      item('wider', 'one cell wider', stretch(rows, columns + 1)), item('narrower', 'one cell narrower', stretch(rows, columns - 1), columns === 1),
      item('higher', 'one cell higher', stretch(rows + 1, columns)), item('lower', 'one cell lower', stretch(rows - 1, columns), rows === 1), { type: 'divider' as const },
    ] : []),
    item('split across', 'split in two, side by side', { type: 'split-cell', ...on, cell, axis: 'COLUMNS' }),
    item('split down', 'split in two, one above the other', { type: 'split-cell', ...on, cell, axis: 'ROWS' }),
    { type: 'divider' as const },
    ...(['ROWS', 'COLUMNS'] as Axis[]).map((axis) => lines(axis, item)),
  ];

  function lines(axis: Axis, add: typeof item) {
    const [one, at, count] = axis === 'ROWS' ? ['row', cell.row, board.rows] : ['column', cell.column, board.columns];
    const [before, after] = axis === 'ROWS' ? ['above', 'below'] : ['before', 'behind'];
    return {
      key: axis, label: `this ${one}, and others`, children: [
        add(`${axis} end`, `put in a ${one} at the end: nothing moves`, { type: 'insert-line', ...on, axis, at: count }),
        add(`${axis} before`, `put in a ${one} ${before} this one`, { type: 'insert-line', ...on, axis, at }),
        add(`${axis} after`, `put in a ${one} ${after} this one`, { type: 'insert-line', ...on, axis, at: at + 1 }),
        add(`${axis} out`, `take this ${one} out`, { type: 'remove-line', ...on, axis, at }, count === 1),
        add(`${axis} up`, `move this ${one} ${axis === 'ROWS' ? 'up' : 'to the front'}`, { type: 'move-line', ...on, axis, at, to: at - 1 }, at === 0),
        add(`${axis} down`, `move this ${one} ${axis === 'ROWS' ? 'down' : 'to the back'}`, { type: 'move-line', ...on, axis, at, to: at + 1 }, at === count - 1),
        add(`${axis} more`, `make this ${one} ${axis === 'ROWS' ? 'higher' : 'wider'}`, { type: 'size-line', ...on, axis, at, percent: 125 }),
        add(`${axis} less`, `make this ${one} ${axis === 'ROWS' ? 'lower' : 'narrower'}`, { type: 'size-line', ...on, axis, at, percent: 80 }),
      ],
    };
  }
  const covers = rows === 1 && columns === 1 ? 'one cell' : `${rows} high, ${columns} wide`;
  return (
    <Dropdown trigger={['click']} menu={{ items, onClick: ({ key }) => onTry(done.get(key)!) }}>
      <button type="button" className={parts.dotted} title="Change the shape" aria-haspopup="menu">{button ? covers : 'rows, columns, splitting'}</button>
    </Dropdown>
  );
}
