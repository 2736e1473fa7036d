import type { Doing } from '../../api/types';
import type { Effect, Of, Sort } from '../effects';
import { addName } from './add-name';
import { addSpace } from './add-space';
import { addWords } from './add-words';
import { capital } from './capital';
import { changeForm } from './change-form';
import { clearMessage } from './clear-message';
import { draw } from './draw';
import { faster } from './faster';
import { louder } from './louder';
import { ofLater } from './of-later';
import { offerForm } from './offer-form';
import { offerWord } from './offer-word';
import { otherAction } from './other-action';
import { ownWord } from './own-word';
import { passTurn } from './pass-turn';
import { quieter } from './quieter';
import { sayLetter } from './say-letter';
import { sayMessage } from './say-message';
import { sayText } from './say-text';
import { showList } from './show-list';
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
  capital,
  'say-letter': sayLetter,
  'add-name': addName,
  'stop-talking': stopTalking,
  louder,
  quieter,
  faster,
  slower,
  draw,
  'change-form': changeForm,
  'offer-form': offerForm,
  'offer-word': offerWord,
  'pass-turn': passTurn,
  'show-list': showList,
  'other-action': otherAction,
  'of-later': ofLater,
};

const sortOf = (doing: Doing) => sorts[doing.type] as Sort<Doing>;

export const effectsOf = (doing: Doing): Effect[] => sortOf(doing).effects(doing);

export const phraseOf = (doing: Doing): string => sortOf(doing).phrase(doing);

/** What was typed for a doing, and the same with other words; undefined if nothing is typed for it. */
export function typedOf(doing: Doing): { text: string; withText: (text: string) => Doing } | undefined {
  const { offered } = sortOf(doing);
  return offered?.typed && { text: offered.typed(doing), withText: offered.make };
}

const all = Object.entries(sorts) as [Doing['type'], Sort<Doing>][];

/** Those that can be chosen, as the sentence offers them. */
export const offeredDoings = () =>
  all.flatMap(([type, { offered }]) => (offered ? [{ type, label: offered.label(), typed: offered.typed !== undefined, make: offered.make }] : []));

/** Those an empty cell offers a button for. */
export const offeredButtons = () =>
  all.flatMap(([type, { offered, button }]) => (offered && button ? [{ type, label: button.label(), picture: button.picture, doing: offered.make('') }] : []));
