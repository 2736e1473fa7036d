import { plural, t } from '@lingui/core/macro';
import { dayWordNames } from '../../data/dayWordNames';
import { isEffect } from '../../data/effects';
import { phraseOf } from '../../talking/doings';
import { wordsOf } from '../../talking/talk';
import { linesOf } from './doingsOrder';
import type { BoardLine, Button, HowSaid, VocabularyView } from '../../api/types';

// What a button does, in words of its sentence.

export function opensABoard(button: Button, view: VocabularyView): boolean {
  const { leads } = button;
  return leads.type === 'opens' && view.boards.some((b) => b.id === leads.board);
}

export function says(button: Button): string {
  if (button.sound && isEffect(button.sound)) return t`the sound ♪ ${button.sound.slice('effect/'.length).replaceAll('-', ' ')}`;
  if (button.sound) return wordsOf(button) ? t`“${wordsOf(button)}”, recorded` : t`a sound`;
  switch (button.says.type) {
    case 'label':
      return t`its own label`;
    case 'words':
      return `“${button.says.text}”`;
    case 'nothing':
      return t`nothing`;
    case 'of-day':
      return dayWordNames()[button.says.day];
    case 'of-later':
      return t`its label, or what only a newer Dwimble knows`;
  }
}

/** Each manner in which a text is said, as a sentence has it. */
export const manners = (): [HowSaid['manner'], string][] => [
  ['PLAINLY', t`plainly`],
  ['BRIGHTLY', t`brightly`],
  ['CROSSLY', t`crossly`],
  ['SLEEPILY', t`sleepily`],
  ['WHISPERED', t`whispered`],
  ['SHOUTED', t`shouted`],
];

/** When it is heard, as a sentence has it. */
export const whens = (): [HowSaid['when'], string][] => [
  ['BOTH', t`when tapped, and with the message`],
  ['AT_ONCE', t`when tapped only, not in the message`],
  ['WITH_MESSAGE', t`with the message only`],
];

const named = <K extends string>(all: [K, string][], key: K) => all.find(([k]) => k === key)?.[1] ?? '';

/** What is not as usual about how it is said. */
export function howPhrase(how: HowSaid): string {
  const parts = [
    how.manner === 'PLAINLY' ? '' : named(manners(), how.manner),
    how.as ? t`spoken “${how.as}”` : '',
    how.when === 'BOTH' ? '' : named(whens(), how.when),
  ].filter(Boolean);
  return parts.join(', ') || t`as usual`;
}

/** All a button says and does, in its order, on one line. */
export function saysAndDoes(button: Button): string {
  const how = button.how ? howPhrase(button.how) : '';
  const word = how ? t`says ${says(button)} ${how}` : t`says ${says(button)}`;
  return linesOf(button)
    .map((doing) => (doing.type === 'own-word' ? word : phraseOf(doing)))
    .join(t` and `);
}

export function leadsWhere(button: Button, view: VocabularyView): string {
  switch (button.leads.type) {
    case 'stays':
      return t`stays here`;
    case 'home':
      return t`goes home`;
    case 'back':
      return t`goes back`;
    case 'of-later':
      return t`goes where only a newer Dwimble knows`;
    case 'elsewhere':
      return t`opens another vocabulary`;
    case 'opens': {
      const to = button.leads.board;
      const board = view.boards.find((b) => b.id === to);
      if (!board) return t`opens a board that is not there`;
      return button.leads.once ? t`opens ${board.name} and comes back after one word` : t`opens ${board.name}`;
    }
  }
}

export function taps(line: BoardLine): string {
  if (!line.route) return t`No taps from home lead to this board.`;
  const n = line.route.length + 1;
  return plural(n, { one: '# tap, from home.', other: '# taps from home.' });
}
