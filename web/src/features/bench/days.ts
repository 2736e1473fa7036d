import { t } from '@lingui/core/macro';
import type { Cell, DayWord, Intention } from '../../api/types';
import { dayWordNames } from '../../data/dayWordNames';
import { papers } from '../../drawn/looks';
import type { Offer } from './sayings';

/** What a button that says one is called, and what else it is looked for by; what it shows goes by the day. */
const called = (): [DayWord, string, string][] => [
  ['TODAY', t`today`, t`weekday, day of the week`],
  ['YESTERDAY', t`yesterday`, t`weekday before`],
  ['TOMORROW', t`tomorrow`, t`weekday after`],
  ['DATE', t`date`, t`calendar`],
  ['SHORT_DATE', t`short date`, t`calendar`],
  ['MONTH', t`month`, t`calendar`],
  ['SEASON', t`season`, t`spring, summer, autumn, fall, winter`],
  ['YEAR', t`year`, t`calendar`],
  ['AGE', t`my age`, t`birthday, years old`],
  ['PART_OF_DAY', t`part of the day`, t`morning, noon, afternoon, evening, night`],
  ['TIME', t`time`, t`clock, hour, minute`],
  ['NEXT', t`next`, t`birthday, trip, holiday, event, waiting for`],
];

/** Those that are chosen by hand, for a text typed; the others belong to a pattern. */
export function dayWordsFor(text: string): { day: DayWord; name: string }[] {
  const sought = text.trim().toLowerCase();
  return called()
    .map(([day, label, also]) => ({ day, name: dayWordNames()[day], found: [label, also, dayWordNames()[day]] }))
    .filter(({ found }) => found.some((words) => words.toLowerCase().includes(sought)));
}

/** As an empty cell offers them. */
export const dayOffers = (): Offer[] =>
  called().map(([day, label, also]) => ({
    key: `day/${day}`,
    label: dayWordNames()[day],
    words: [label, ...also.split(', '), dayWordNames()[day]],
    group: t`what day it is`,
    saying: { label, kind: 'thing', day },
  }));

/** Boards of days, by the pattern they are made from. */
export const dayBoards = (): { pattern: string; name: string; label: string }[] => [
  { pattern: 'today-is', name: t`today is`, label: t`“today is …” with three days to choose from, on a new board` },
  { pattern: 'this-week', name: t`this week`, label: t`this week with today marked, on a new board` },
  { pattern: 'weather-and-season', name: t`weather`, label: t`the weather and the season, on a new board` },
];

/** Yesterday, today and tomorrow beside each other, told apart by their papers; any other paper can be given to each. */
export function threeDays(board: string, cells: Cell[]): Intention {
  const paper = (name: string) => papers.find((p) => p.name === name)?.colour;
  const three: [DayWord, string][] = [
    ['YESTERDAY', 'oat'],
    ['TODAY', 'straw'],
    ['TOMORROW', 'sky'],
  ];
  return {
    type: 'several',
    intentions: three.map(([day, name], i) => ({
      type: 'put-saying',
      board,
      at: cells[i],
      saying: { label: called().find(([d]) => d === day)![1], kind: 'thing', day, paper: paper(name) },
    })),
  };
}
