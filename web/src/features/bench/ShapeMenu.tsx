import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
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
    const row = axis === 'ROWS';
    const [at, count] = row ? [cell.row, board.rows] : [cell.column, board.columns];
    const made = { ...on, axis };
    return [
      {
        label: row ? t`put in a row at the end: nothing moves` : t`put in a column at the end: nothing moves`,
        intention: { type: 'insert-line', ...made, at: count },
      },
      { label: row ? t`put in a row above this one` : t`put in a column before this one`, intention: { type: 'insert-line', ...made, at } },
      { label: row ? t`put in a row below this one` : t`put in a column behind this one`, intention: { type: 'insert-line', ...made, at: at + 1 } },
      { label: row ? t`take this row out` : t`take this column out`, intention: { type: 'remove-line', ...made, at }, disabled: count === 1 },
      {
        label: row ? t`move this row up` : t`move this column to the front`,
        intention: { type: 'move-line', ...made, at, to: at - 1 },
        disabled: at === 0,
      },
      {
        label: row ? t`move this row down` : t`move this column to the back`,
        intention: { type: 'move-line', ...made, at, to: at + 1 },
        disabled: at === count - 1,
      },
      { label: row ? t`make this row higher` : t`make this column wider`, intention: { type: 'size-line', ...made, at, percent: 125 } },
      { label: row ? t`make this row lower` : t`make this column narrower`, intention: { type: 'size-line', ...made, at, percent: 80 } },
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
  const shape = choice(t`Change the shape`, button ? covers : t`this cell`, covering);
  const row = choice(t`Change the row`, t`row ${cell.row + 1}`, line('ROWS'));
  const column = choice(t`Change the column`, t`column ${cell.column + 1}`, line('COLUMNS'));
  return button ? (
    <Trans>
      It covers {shape} in {row} and {column}.
    </Trans>
  ) : (
    <Trans>
      Change {shape}, {row} or {column}.
    </Trans>
  );
}
