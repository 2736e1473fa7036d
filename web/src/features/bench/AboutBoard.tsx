import { Trans } from '@lingui/react/macro';
import { plural, t } from '@lingui/core/macro';
import { Fragment } from 'react';
import type { Board, BoardLine, Cell, Intention, VocabularyView } from '../../api/types';
import { DottedText } from '../../shell/Dotted';
import { sameCell, spoken } from '../../data/cells';
import { OriginNote } from './OriginNote';
import { ShapeMenu } from './ShapeMenu';
import { FormsHere } from './FormsHere';
import { PutSound } from './PutSound';
import { WayTo } from './WayTo';
import { offeredButtons } from '../../talking';
import bench from '../../shell/bench.module.css';
import parts from '../../shell/parts.module.css';
import { Glued } from '../../shell/Glued';

/** What there is to know of an empty cell and of its board. */
export function AboutBoard({
  view,
  board,
  line,
  cell,
  mayEdit,
  onRename,
  onLook,
  onTry,
  onEdit,
  onPut,
  onPattern,
}: {
  view: VocabularyView;
  board: Board;
  line: BoardLine;
  cell: Cell;
  mayEdit: boolean;
  onRename: (name: string) => void;
  onLook: () => void;
  onTry: (intention: Intention) => void;
  onEdit: (edit: Intention) => void;
  /** Puts a button here; the next empty cell waits. */
  onPut: (edit: Intention) => void;
  onPattern: (pattern: string, name: string) => void;
}) {
  const home = line.id === view.home;
  const free = line.empty - line.keptFree.length;
  const buttons = plural(line.buttons, { one: '# button', other: '# buttons' });
  const empty = plural(free, { one: '# empty cell', other: '# empty cells' });
  const width = Math.round(line.cellWidthMm);
  const height = Math.round(line.cellHeightMm);
  const keptFree = line.keptFree.some((k) => sameCell(k, cell));
  const openers = home ? t`It is the home board.` : plural(line.openers, { one: '# board opens it.', other: '# boards open it.' });
  return (
    <section className={bench.buttonSentence} aria-label={t`About this board`}>
      <h2>{keptFree ? t`A cell kept free` : t`An empty cell`}</h2>
      <p className={parts.quiet}>{spoken(cell)}</p>
      {keptFree && (
        <p>
          <Trans>
            This cell is kept free: other boards have back or home here, and a hand that goes home twice should say nothing by mistake. A word typed here still
            goes in.
          </Trans>
        </p>
      )}
      {mayEdit && !keptFree && (
        <p>
          <Trans>
            Type a word and press Enter: a button with its picture stands here, and the next empty cell waits. Several words go in at once with commas between
            them.
          </Trans>
        </p>
      )}
      {mayEdit && (
        <p>
          <Trans>
            Or put here a way to <WayTo view={view} boardId={line.id} cell={cell} onEdit={onEdit} />
          </Trans>
        </p>
      )}
      {mayEdit && (
        <p>
          <Trans>
            or <PutSound view={view} board={board} cell={cell} keptFree={line.keptFree} onPut={onPut} onPattern={onPattern} />
          </Trans>
        </p>
      )}
      {mayEdit && (
        <p className={bench.doers}>
          {t`Or a button that does something:`}{' '}
          {offeredButtons().map(({ type, label, picture, doing }) => (
            <Fragment key={type}>
              <button type="button" className={parts.dotted} onClick={() => onPut({ type: 'put-doing', board: line.id, at: cell, label, picture, doing })}>
                {label}
              </button>{' '}
            </Fragment>
          ))}
          <button type="button" className={parts.dotted} onClick={() => onPattern('pad', t`my drawings`)}>{t`a pad on a new board`}</button>
        </p>
      )}
      {mayEdit && view.locale.startsWith('en') && <FormsHere board={board} cell={cell} keptFree={line.keptFree} onPut={onPut} />}
      <hr />
      <p>
        <Trans>
          This board is called{' '}
          <Glued after=".">
            <DottedText label={t`Rename this board`} value={line.name} disabled={!mayEdit} onKeep={onRename} />
          </Glued>
        </Trans>
      </p>
      {mayEdit && (
        <p>
          <ShapeMenu board={board} cell={cell} onTry={onTry} />{' '}
          <button type="button" className={parts.dotted} onClick={onLook}>{t`How the board looks`}</button>
        </p>
      )}
      <p className={bench.fact}>
        {line.keptFree.length > 0 ? t`${buttons}, ${empty} and ${line.keptFree.length} kept free.` : t`${buttons}, ${empty}.`} {openers}
      </p>
      <p className={bench.fact}>
        {board.widths.length + board.heights.length > 0
          ? t`Each cell is ${width} x ${height} mm on the student’s screen, or larger.`
          : t`Each cell is ${width} x ${height} mm on the student’s screen.`}{' '}
        {line.small && t`That is smaller than many hands can hit.`}
      </p>
      {home && <OriginNote view={view} />}
    </section>
  );
}
