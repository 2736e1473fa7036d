import type { Board, BoardLine, Cell, Intention, VocabularyView } from '../../api/types';
import { DottedText } from '../../shell/Dotted';
import { sameCell, spoken } from '../../data/cells';
import { OriginNote } from './OriginNote';
import { ShapeMenu } from './ShapeMenu';
import { WayTo } from './WayTo';
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
}) {
  const home = line.id === view.home;
  const keptFree = line.keptFree.some((k) => sameCell(k, cell));
  const free = line.empty - line.keptFree.length;
  const openers = home ? 'It is the home board.' : line.openers === 1 ? '1 board opens it.' : `${line.openers} boards open it.`;
  return (
    <section className={bench.buttonSentence} aria-label="About this board">
      <h2>{keptFree ? 'A cell kept free' : 'An empty cell'}</h2>
      <p className={parts.quiet}>{spoken(cell)}</p>
      {keptFree && (
        <p>
          This cell is kept free: other boards have back or home here, and a hand that goes home twice should say nothing by mistake. A word typed here still
          goes in.
        </p>
      )}
      {mayEdit && !keptFree && (
        <p>
          Type a word and press Enter: a button with its picture stands here, and the next empty cell waits. Several words go in at once with commas between
          them.
        </p>
      )}
      {mayEdit && (
        <p>
          Or put here a way to <WayTo view={view} boardId={line.id} cell={cell} onEdit={onEdit} />
        </p>
      )}
      <hr />
      <p>
        This board is called{' '}
        <Glued after=".">
          <DottedText label="Rename this board" value={line.name} disabled={!mayEdit} onKeep={onRename} />
        </Glued>
      </p>
      {mayEdit && (
        <p>
          <ShapeMenu board={board} cell={cell} onTry={onTry} />{' '}
          <button type="button" className={parts.dotted} onClick={onLook}>
            How the board looks
          </button>
        </p>
      )}
      <p className={bench.fact}>
        {line.buttons} {line.buttons === 1 ? 'button' : 'buttons'}, {free} empty {free === 1 ? 'cell' : 'cells'}
        {line.keptFree.length > 0 && ` and ${line.keptFree.length} kept free`}. {openers}
      </p>
      <p className={bench.fact}>
        Each cell is {Math.round(line.cellWidthMm)} x {Math.round(line.cellHeightMm)} mm on the student’s screen
        {board.widths.length + board.heights.length > 0 ? ', or larger' : ''}.{line.small && ' That is smaller than many hands can hit.'}
      </p>
      {home && <OriginNote view={view} />}
    </section>
  );
}
