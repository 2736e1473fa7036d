import { plural, t } from '@lingui/core/macro';
import { Select } from 'antd';
import type { Board, RegridBoard, RegridSeen, VocabularyView } from '../../api/types';
import { BoardPicture } from '../../drawn/BoardPicture';
import parts from '../../shell/parts.module.css';
import css from './regrid.module.css';

interface Props {
  view: VocabularyView;
  seen: RegridSeen;
  onShow: (board: string) => void;
}

/** One board before and after, every move drawn. */
export function BeforeAfter({ view, seen, onShow }: Props) {
  const { shown, boards } = seen;
  const looks = { look: view.look, papers: view.papers };
  const lost = shown.words.filter((w) => !w.found).map((w) => w.button);
  const away = shown.words.filter((w) => w.board !== shown.before.id).length;
  return (
    <>
      {boards.length > 1 && (
        <Select
          aria-label={t`The board that is shown`}
          showSearch
          optionFilterProp="label"
          value={shown.before.id}
          onChange={onShow}
          style={{ minWidth: 280, marginBottom: 10 }}
          options={boards.map((b) => ({ value: b.board, label: t`${b.name}: ${b.moved} of ${b.words} not found where they were` }))}
        />
      )}
      <div className={css.pair}>
        <figure>
          <figcaption>
            {t`Now`} <span className={parts.quiet}>{size(shown.before, shown.cell)}</span>
          </figcaption>
          <div className={css.drawn} style={{ aspectRatio: shape(shown.before, shown.cell) }}>
            <BoardPicture board={shown.before} looks={looks} marked={lost} label={t`${shown.before.name} as it is`} />
          </div>
        </figure>
        <figure>
          <figcaption>
            {t`Then`} <span className={parts.quiet}>{size(shown.after, shown.cellThen)}</span>
          </figcaption>
          <div className={css.drawn} style={{ aspectRatio: shape(shown.after, shown.cellThen) }}>
            <BoardPicture board={shown.after} looks={looks} marked={lost} label={t`${shown.after.name} as it would be`} />
            <MovesDrawn shown={shown} />
          </div>
        </figure>
        {shown.linked.map((board) => (
          <figure key={board.id}>
            <figcaption>
              {board.name} <span className={parts.quiet}>{t`new`}</span>
            </figcaption>
            <div className={css.drawn} style={{ aspectRatio: shape(board, shown.cellThen) }}>
              <BoardPicture board={board} looks={looks} label={t`${board.name}, a new board`} />
            </div>
          </figure>
        ))}
      </div>
      {away > 0 && <p>{plural(away, { one: '# word goes to a board of its own.', other: '# words go to boards of their own.' })}</p>}
      {shown.narrowed > 0 && (
        <p>{plural(shown.narrowed, { one: '# button over several cells covers fewer then.', other: '# buttons over several cells cover fewer then.' })}</p>
      )}
    </>
  );
}

/** Of the board as it lies on the screen. */
const shape = (board: Board, { width, height }: RegridBoard['cell']) => (width * board.columns) / (height * board.rows);

function size(board: Board, { width, height }: RegridBoard['cell']): string {
  return t`${board.rows} x ${board.columns}, cells of ${Math.round(width)} x ${Math.round(height)} mm`;
}

/** A line from where each word was to where it is. */
function MovesDrawn({ shown }: { shown: RegridBoard }) {
  const moves = shown.words.filter((w) => w.board === shown.before.id && w.mm > 0.5);
  return (
    <svg className={css.moves} viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">
      {moves.map((w) => {
        const from = middle(shown.before, w.from);
        const to = middle(shown.after, w.to);
        return (
          <g key={w.button} data-lost={w.found ? undefined : true}>
            <line x1={from.x} y1={from.y} x2={to.x} y2={to.y} vectorEffect="non-scaling-stroke" />
            {!w.found && <ellipse cx={from.x} cy={from.y} rx="0.8" ry="1.1" />}
          </g>
        );
      })}
    </svg>
  );
}

type Standing = RegridBoard['words'][number]['from'];

/** Of a button, in hundredths of the board's width and height. */
function middle(board: Board, { cell, span }: Standing) {
  return {
    x: along(board.columns, board.widths, cell.column, span.columns),
    y: along(board.rows, board.heights, cell.row, span.rows),
  };
}

function along(lines: number, shares: number[], start: number, length: number): number {
  const each = shares.length > 0 ? shares : Array.from({ length: lines }, () => 1);
  const sum = (upTo: number) => each.slice(0, upTo).reduce((a, b) => a + b, 0);
  return (100 * (sum(start) + sum(start + length))) / 2 / sum(lines);
}
