import { t } from '@lingui/core/macro';
import { useState } from 'react';
import type { Button } from '../../api/types';
import { keyOf } from '../../data/cells';
import { RecordMany } from '../recording';
import { hang } from '../lens';
import { sounds } from './sounds';
import { SoundsSide } from './SoundsSide';

hang({
  name: t`Sounds`,
  place: 4,
  about: t`What each button says`,
  mark: <path d="M3 6v4h3l4 3V3L6 6Zm9 0c1 1 1 3 0 4" />,
  useLens: (room, on) => {
    const [recording, setRecording] = useState<{ board: string; buttons: Button[] }>();
    const [now, setNow] = useState<Button>();
    if (!room || !on) return { overlay: sounds };
    if (recording?.board !== room.board.id)
      return {
        overlay: sounds,
        [room.button || room.chosen.length > 1 ? 'beside' : 'side']: (
          <SoundsSide
            view={room.view}
            board={room.board}
            chosen={room.chosen}
            onRecord={room.mayEdit ? (buttons) => setRecording({ board: room.board.id, buttons }) : undefined}
          />
        ),
      };
    return {
      overlay: (view, board) => {
        const said = sounds(view, board);
        const cell = board.buttons.find((b) => b.id === now?.id)?.cell;
        return cell ? new Map(said).set(keyOf(cell), { ...said.get(keyOf(cell)), classes: ['glows'] }) : said;
      },
      side: (
        <RecordMany
          buttons={recording.buttons}
          view={room.view}
          onNow={setNow}
          onGive={async (button, sound) => (await room.edit({ type: 'give-sound', board: recording.board, button: button.id, sound })) !== undefined}
          onDone={() => setRecording(undefined)}
        />
      ),
    };
  },
});
