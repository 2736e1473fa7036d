import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Checkbox, InputNumber, Radio } from 'antd';
import type { Board, VocabularyView } from '../../api/types';
import { MOST, pinning, turned, type Choice } from './choice';
import css from './regrid.module.css';

interface Props {
  view: VocabularyView;
  board: Board;
  choice: Choice;
  onChoose: (choice: Choice) => void;
}

/** Which boards, on what grid, and which rows stay together. */
export function WhichGrid(props: Props) {
  const { view, board, choice, onChoose } = props;
  const all = view.boards.length;
  const opens = board.buttons.some((b) => b.leads.type === 'opens');
  return (
    <>
      {all > 1 && (
        <Radio.Group
          className={css.lines}
          value={choice.scope}
          onChange={(e) => onChoose({ ...choice, scope: e.target.value as Choice['scope'], shown: undefined, topics: undefined })}
          options={[
            { value: 'BOARD', label: t`${board.name} alone` },
            ...(opens && board.id !== view.home ? [{ value: 'OPENED', label: t`${board.name} and what is opened from it` }] : []),
            { value: 'ALL', label: t`all ${all} boards` },
          ]}
        />
      )}
      <p>
        <Trans>
          <Lines label={t`rows`} value={choice.rows} onChange={(rows) => onChoose({ ...choice, rows, how: undefined, topics: undefined })} /> rows x{' '}
          <Lines label={t`columns`} value={choice.columns} onChange={(columns) => onChoose({ ...choice, columns, how: undefined, topics: undefined })} />{' '}
          columns
        </Trans>
        <span className={css.figures}>{t`now ${board.rows} x ${board.columns}`}</span>
      </p>
      <p>
        <Checkbox checked={choice.turned ?? false} onChange={(e) => onChoose(turned(choice, e.target.checked))}>
          {turn(view)}
        </Checkbox>
      </p>
      <Rows {...props} />
    </>
  );
}

function Lines({ label, value, onChange }: { label: string; value: number; onChange: (lines: number) => void }) {
  return <InputNumber aria-label={label} min={1} max={MOST} value={value} onChange={(lines) => lines && onChange(Math.round(lines))} style={{ width: 58 }} />;
}

function turn({ student }: VocabularyView): string {
  if (!student) return t`for a screen held the other way`;
  const { width, height } = student.screen;
  const size = t`${Math.round(height / 1000)} x ${Math.round(width / 1000)} mm`;
  return width >= height ? t`${student.name}’s screen stands up from now on (${size})` : t`${student.name}’s screen lies across from now on (${size})`;
}

const NAMED = 4;

/** Rows with words, by the first of them. */
function Rows({ board, choice, onChoose }: Props) {
  const rows = Array.from({ length: board.rows }, (_, row) => ({
    row,
    words: board.buttons.filter((b) => b.cell.row === row && b.leads.type !== 'home' && b.leads.type !== 'back'),
  })).filter(({ words }) => words.length > 1);
  if (rows.length === 0 || choice.how === 'SAME_CELLS') return null;
  return (
    <fieldset className={css.rows}>
      <legend>{t`Rows that stay together, in their order`}</legend>
      {rows.map(({ row, words }) => (
        <Checkbox key={row} checked={choice.pinned?.includes(row) ?? false} onChange={() => onChoose(pinning(choice, row))}>
          {t`row ${row + 1}:`}{' '}
          {words
            .slice(0, NAMED)
            .map((b) => b.label)
            .join(', ')}
          {words.length > NAMED && ' …'}
        </Checkbox>
      ))}
    </fieldset>
  );
}
