import { t } from '@lingui/core/macro';
import type { Cell, DayWord, Intention } from '../../api/types';
import { papers } from '../../drawn/looks';
import type { Offer } from './sayings';

/** Each day word, as the button sentence says it. */
export const dayWordNames = (): { [D in DayWord]: string } => ({
  TODAY: t`which day today is`,
  YESTERDAY: t`which day yesterday was`,
  TOMORROW: t`which day tomorrow is`,
  DATE: t`the date`,
  SHORT_DATE: t`the date, short`,
  MONTH: t`the month`,
  SEASON: t`the season`,
  YEAR: t`the year`,
  AGE: t`how old the student is`,
  PART_OF_DAY: t`the part of the day`,
  TIME: t`what time it is`,
  NEXT: t`what comes next, and in how many days`,
  CHOICE_1: t`a day to choose, first of three`,
  CHOICE_2: t`a day to choose, second of three`,
  CHOICE_3: t`a day to choose, third of three`,
  WEEKDAY_1: t`day 1 of the week, today marked`,
  WEEKDAY_2: t`day 2 of the week, today marked`,
  WEEKDAY_3: t`day 3 of the week, today marked`,
  WEEKDAY_4: t`day 4 of the week, today marked`,
  WEEKDAY_5: t`day 5 of the week, today marked`,
  WEEKDAY_6: t`day 6 of the week, today marked`,
  WEEKDAY_7: t`day 7 of the week, today marked`,
});

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
