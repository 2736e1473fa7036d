import { t } from '@lingui/core/macro';
import type { Cell, DayWord, Intention } from '../../api/types';
import { dayWordNames } from '../../data/dayWordNames';
import { papers } from '../../drawn/looks';
import type { Offer } from './sayings';

/** What a button that says one is called; what it shows goes by the day. */
const called = (): [DayWord, string][] => [
  ['TODAY', t`today`],
  ['YESTERDAY', t`yesterday`],
  ['TOMORROW', t`tomorrow`],
  ['DATE', t`date`],
  ['SHORT_DATE', t`short date`],
  ['MONTH', t`month`],
  ['SEASON', t`season`],
  ['YEAR', t`year`],
  ['AGE', t`my age`],
  ['PART_OF_DAY', t`part of the day`],
  ['TIME', t`time`],
  ['NEXT', t`next`],
];

/** Those that are chosen by hand; the others belong to a pattern. */
export const chosenDayWords = (): DayWord[] => called().map(([day]) => day);

/** As an empty cell offers them. */
export const dayOffers = (): Offer[] =>
  called().map(([day, label]) => ({
    key: `day/${day}`,
    label: dayWordNames()[day],
    words: [label, dayWordNames()[day]],
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
