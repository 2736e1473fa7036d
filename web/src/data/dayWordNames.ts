import { t } from '@lingui/core/macro';
import type { DayWord } from '../api/types';

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
