import { t } from '@lingui/core/macro';
import { Dropdown, type MenuProps } from 'antd';
import type { Board, Button, Cell, Intention } from '../../api/types';
import parts from '../../shell/parts.module.css';

type Axis = 'ROWS' | 'COLUMNS';
interface Item {
  label: string;
  intention: Intention;
  disabled?: boolean;
}

/** Everything about the shape of what is marked, as the words of a sentence: how many cells a button covers or splitting a cell, its row, its column. */
export function ShapeMenu({ board, cell, button, onTry }: { board: Board; cell: Cell; button?: Button; onTry: (intention: Intention) => void }) {
  const on = { board: board.id };
  const { rows, columns } = button?.span ?? { rows: 1, columns: 1 };
  const stretch = (high: number, wide: number): Intention => ({ type: 'stretch-button', ...on, button: button!.id, span: { rows: high, columns: wide } });
  const covering: Item[] = [
    ...(button
      ? [
          { label: t`one cell wider`, intention: stretch(rows, columns + 1) },
          { label: t`one cell narrower`, intention: stretch(rows, columns - 1), disabled: columns === 1 },
          { label: t`one cell higher`, intention: stretch(rows + 1, columns) },
          { label: t`one cell lower`, intention: stretch(rows - 1, columns), disabled: rows === 1 },
        ]
      : []),
    { label: t`split in two, side by side`, intention: { type: 'split-cell', ...on, cell, axis: 'COLUMNS' } },
    { label: t`split in two, one above the other`, intention: { type: 'split-cell', ...on, cell, axis: 'ROWS' } },
  ];

  function line(axis: Axis): Item[] {
    const [one, at, count] = axis === 'ROWS' ? [t`row`, cell.row, board.rows] : [t`column`, cell.column, board.columns];
    const [before, after, up, down, more, less] =
      axis === 'ROWS'
        ? [t`above`, t`below`, t`up`, t`down`, t`higher`, t`lower`]
        : [t`before`, t`behind`, t`to the front`, t`to the back`, t`wider`, t`narrower`];
    return [
      { label: t`put in a ${one} at the end: nothing moves`, intention: { type: 'insert-line', ...on, axis, at: count } },
      { label: t`put in a ${one} ${before} this one`, intention: { type: 'insert-line', ...on, axis, at } },
      { label: t`put in a ${one} ${after} this one`, intention: { type: 'insert-line', ...on, axis, at: at + 1 } },
      { label: t`take this ${one} out`, intention: { type: 'remove-line', ...on, axis, at }, disabled: count === 1 },
      { label: t`move this ${one} ${up}`, intention: { type: 'move-line', ...on, axis, at, to: at - 1 }, disabled: at === 0 },
      { label: t`move this ${one} ${down}`, intention: { type: 'move-line', ...on, axis, at, to: at + 1 }, disabled: at === count - 1 },
      { label: t`make this ${one} ${more}`, intention: { type: 'size-line', ...on, axis, at, percent: 125 } },
      { label: t`make this ${one} ${less}`, intention: { type: 'size-line', ...on, axis, at, percent: 80 } },
    ];
  }

  function choice(title: string, words: string, of: Item[]) {
    const items: MenuProps['items'] = of.map(({ label, disabled }, key) => ({ key, label, disabled }));
    return (
      <Dropdown trigger={['click']} menu={{ items, onClick: ({ key }) => onTry(of[Number(key)].intention) }}>
        <button type="button" className={parts.dotted} title={title} aria-haspopup="menu">
          {words}
        </button>
      </Dropdown>
    );
  }
  const covers = rows === 1 && columns === 1 ? t`one cell` : t`${rows} high, ${columns} wide`;
  return (
    <>
      {button ? t`It covers ` : t`Change `}
      {choice(t`Change the shape`, button ? covers : t`this cell`, covering)}
      {button ? t` in ` : ', '}
      {choice(t`Change the row`, t`row ${cell.row + 1}`, line('ROWS'))}
      {button ? t` and ` : t` or `}
      {choice(t`Change the column`, t`column ${cell.column + 1}`, line('COLUMNS'))}.
    </>
  );
}
