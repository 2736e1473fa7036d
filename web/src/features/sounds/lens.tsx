import { t } from '@lingui/core/macro';
import { hang } from '../lens';
import { sounds } from './sounds';
import { SoundsSide } from './SoundsSide';

hang({
  name: t`Sounds`,
  place: 4,
  about: t`What each button says`,
  mark: <path d="M3 6v4h3l4 3V3L6 6Zm9 0c1 1 1 3 0 4" />,
  useLens: (room, on) => ({ overlay: sounds, beside: on && room && <SoundsSide view={room.view} board={room.board} /> }),
});
