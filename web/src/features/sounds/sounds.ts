import { t } from '@lingui/core/macro';
import type { Board, Button } from '../../api/types';
import { keyOf } from '../../data/cells';
import { dayWordNames } from '../../data/dayWordNames';
import { wordsOf } from '../../talking/talk';
import type { Lens, Overlay } from '../../drawn/overlay';

/** What each button says and as what; those that say nothing carry a tag. */
export const sounds: Lens = (_, board) => new Map(board.buttons.map((b) => [keyOf(b.cell), said(b)]));

function said(b: Button): Overlay {
  const says = b.says.type === 'of-day' ? dayWordNames()[b.says.day] : wordsOf(b);
  if (b.says.type === 'of-day') return { classes: [], note: says, told: t`says ${says}` };
  if (b.sound) return { classes: [], note: t`♪ recorded`, told: says ? t`says ${says}, recorded` : t`a sound` };
  if (says) return { classes: [], note: says === b.label ? undefined : `“${says}”`, told: t`says ${says}` };
  return { classes: ['silentWord'], tag: b.doings.length > 0 ? undefined : t`says nothing`, told: t`says nothing` };
}

/** Whether a recording can be heard for it: of a day word it would be of another day. */
export const canBeRecorded = (b: Button) => wordsOf(b) !== '' && b.says.type !== 'of-day';

/** Those that say a word by the voice and could say a recording, in reading order. */
export const withoutRecording = (board: Board): Button[] =>
  board.buttons.filter((b) => canBeRecorded(b) && !b.sound).sort((a, b) => a.cell.row - b.cell.row || a.cell.column - b.cell.column);
