import { t } from '@lingui/core/macro';
import type { ComponentProps, ReactNode } from 'react';
import type { Board, Button, Revealed, VocabularyView } from '../../api/types';
import { areaOf, BoardOfButtons, stopOf } from '../../drawn/BoardOfButtons';
import { Card } from '../../drawn/Card';
import drawn from '../../drawn/drawn.module.css';
import type { Around, Token } from '../../talking';
import { Pad } from '../pad';
import type { Model } from './Adult';
import { asOffered } from './forms';
import css from './talk.module.css';

/** A word that is offered is no letter key, also for who hears it named. */
function nameOf(button: Button): string {
  if (button.doings.some((d) => d.type === 'offer-word')) return t`${button.label}, offered`;
  return button.label || (button.says.type === 'words' ? button.says.text : t`picture`);
}

/** A pad that covers a good part of its board is drawn on where it is; a smaller one opens. */
const isRoomy = (b: Button, board: Board) =>
  b.doings.some((d) => d.type === 'draw') && b.span.rows / board.rows >= 0.45 && b.span.columns / board.columns >= 0.45;

interface Props {
  view: VocabularyView;
  board: Board;
  kept: Revealed['kept'];
  model: Model;
  message: Token[];
  known: Around;
  padOf: (button: Button) => ComponentProps<typeof Pad>;
  onPress: (button: Button) => void;
  /** The button that is next on a way that is shown. */
  next?: string;
  /** What lies over the board. */
  children: ReactNode;
}

/** The board that is talked with: what the student sees of it, or for a while all of it. */
export function Cells({ view, board, kept, model, message, known, padOf, onPress, next, children }: Props) {
  const scans = !!view.student?.access.scanning;
  return (
    <BoardOfButtons board={board} view={view} className={css.talkGrid} wide="100vw">
      {board.buttons
        .filter((b) => model !== 'as the student sees' || !kept[b.id])
        .map((b) => ({ ...asOffered(b, message, known), pressed: b }))
        .map(({ button: b, none, pressed }) =>
          isRoomy(b, board) && !scans ? (
            <div key={b.id} className={drawn.cell} style={areaOf(b)}>
              <Pad {...padOf(b)} />
            </div>
          ) : (
            <button
              key={`${b.cell.row} ${b.cell.column}`}
              type="button"
              className={[drawn.cell, kept[b.id] && model === 'waiting words faint' && css.faint, pressed.id === next && css.next].filter(Boolean).join(' ')}
              data-next={pressed.id === next || undefined}
              onClick={() => onPress(pressed)}
              style={areaOf(b)}
              {...stopOf(b)}
              disabled={none}
              aria-label={none ? t`nothing here now` : nameOf(b)}
            >
              <Card button={b} />
            </button>
          ),
        )}
      {children}
    </BoardOfButtons>
  );
}
