import { plural, t } from '@lingui/core/macro';
import { Radio } from 'antd';
import type { ArrivalBoard, Board } from '../../api/types';
import { keyOf } from '../../data/cells';
import { BoardPicture } from '../../drawn/BoardPicture';
import { takenHere, type Choice } from './choice';
import css from './arrival.module.css';

/** Boards called like one that is here, with other content: both side by side, and which of them is to be opened. */
export function Alike({ boards, choice, onChoose }: { boards: ArrivalBoard[]; choice: Choice; onChoose: (choice: Choice) => void }) {
  if (boards.length === 0) return null;
  return (
    <section aria-label={t`Called alike`}>
      <h3>{plural(boards.length, { one: '# board is called like one that is here', other: '# boards are called like some that are here' })}</h3>
      {boards.map((b) => (
        <article key={b.board} className={css.alike} aria-label={b.name}>
          <Radio.Group
            value={choice.instead.includes(b.board)}
            onChange={(e) => onChoose(takenHere(choice, b.board, e.target.value as boolean))}
            options={[
              { value: false, label: t`“${b.name}” comes too, beside the one here` },
              { value: true, label: t`the one here is opened instead` },
            ]}
          />
          <div>
            {b.there && b.beside && (
              <>
                <BoardPicture board={b.there} label={t`“${b.name}” there`} marked={otherThan(b.beside, b.there)} />
                <BoardPicture board={b.beside} label={t`“${b.name}” here`} marked={otherThan(b.there, b.beside)} />
              </>
            )}
          </div>
        </article>
      ))}
    </section>
  );
}

/** Buttons of a board that another board has not in the same cell. */
function otherThan(other: Board, board: Board): string[] {
  const there = new Map(other.buttons.map((b) => [keyOf(b.cell), b]));
  return board.buttons.filter((b) => there.get(keyOf(b.cell))?.label !== b.label || there.get(keyOf(b.cell))?.picture !== b.picture).map((b) => b.id);
}
