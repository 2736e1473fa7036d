import type { Doing } from '../../api/types';
import type { Effect, Of, Sort } from '../effects';
import { addSpace } from './add-space';
import { addWords } from './add-words';
import { clearMessage } from './clear-message';
import { faster } from './faster';
import { louder } from './louder';
import { ofLater } from './of-later';
import { otherAction } from './other-action';
import { ownWord } from './own-word';
import { quieter } from './quieter';
import { sayMessage } from './say-message';
import { sayText } from './say-text';
import { slower } from './slower';
import { spell } from './spell';
import { stopTalking } from './stop-talking';
import { takeLastOff } from './take-last-off';

/** Each doing there is, in the order in which it is offered. A new one that is missing here does not compile. */
const sorts: { [T in Doing['type']]: Sort<Of<T>> } = {
  'own-word': ownWord,
  'say-text': sayText,
  'add-words': addWords,
  'say-message': sayMessage,
  'clear-message': clearMessage,
  'take-last-off': takeLastOff,
  spell,
  'add-space': addSpace,
  'stop-talking': stopTalking,
  louder,
  quieter,
  faster,
  slower,
  'other-action': otherAction,
  'of-later': ofLater,
};

const sortOf = (doing: Doing) => sorts[doing.type] as Sort<Doing>;

export const effectsOf = (doing: Doing): Effect[] => sortOf(doing).effects(doing);

export const phraseOf = (doing: Doing): string => sortOf(doing).phrase(doing);

/** Those that can be chosen. */
export const offeredDoings = Object.entries(sorts).flatMap(([type, { offered }]) => (offered ? [{ type: type as Doing['type'], ...offered }] : []));
