import { t } from '@lingui/core/macro';
import { App } from 'antd';
import { Fragment } from 'react';
import type { Board, Cell, Intention } from '../../api/types';
import { cellsToFill } from '../../drawn/grid';
import { formLabels, type Form } from '../../talking';
import bench from '../../shell/bench.module.css';
import parts from '../../shell/parts.module.css';

const LEAST = 3;
/** Those a row has, the first ones first where there is little room. */
const ROW: Form[] = ['NOW', 'PAST', 'GOING_ON', 'NOT', 'MORE_THAN_ONE', 'SOMEBODYS'];

/** Puts into an empty cell a button that puts the last word into another form, or a row of cells in which the forms appear that fit. */
export function FormsHere({ board, cell, keptFree, onPut }: { board: Board; cell: Cell; keptFree: Cell[]; onPut: (edit: Intention) => void }) {
  const { message } = App.useApp();
  const names = formLabels();
  function row() {
    const cells = [6, 5, 4, LEAST].map((count) => cellsToFill(board, cell, count, keptFree)).find(Boolean);
    if (!cells) return void message.info(t`A row for forms needs ${LEAST} empty cells from here on. Add a row first, or put single forms.`);
    onPut({
      type: 'several',
      intentions: cells.map((at, i) => ({ type: 'put-doing', board: board.id, at, label: names[ROW[i]], doing: { type: 'offer-form', form: ROW[i] } })),
    });
  }
  return (
    <p className={bench.doers}>
      {t`Or another form of the word said last:`}{' '}
      {(Object.keys(names) as Form[]).map((form) => (
        <Fragment key={form}>
          <button
            type="button"
            className={parts.dotted}
            onClick={() => onPut({ type: 'put-doing', board: board.id, at: cell, label: names[form], doing: { type: 'change-form', form } })}
          >
            {names[form]}
          </button>{' '}
        </Fragment>
      ))}
      <button type="button" className={parts.dotted} onClick={row}>{t`a row for forms`}</button>
    </p>
  );
}
