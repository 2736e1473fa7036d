import { t } from '@lingui/core/macro';
import type { Ahead } from '../../api/types';

/** When steps begin that come next: none for when ready. */
export interface When {
  first?: string;
  weeks: number;
}

const DAYS_A_WEEK = 7;

export const MOST_WEEKS = 12;

/** Of today, the first in a week. */
export function inAWeek(today: Date): When {
  const day = new Date(today.getFullYear(), today.getMonth(), today.getDate() + DAYS_A_WEEK, 12);
  return { first: day.toISOString().slice(0, 10), weeks: 1 };
}

/** As it is asked for. @param name of the steps */
export const aheadOf = ({ first, weeks }: When, name: string): Ahead => ({ name, soFar: t`Words so far`, first, every: weeks * DAYS_A_WEEK });

/** So many at a step, in their order. */
export function inSteps<T>(all: T[], each: number): T[][] {
  const steps: T[][] = [];
  for (let i = 0; i < all.length; i += each) steps.push(all.slice(i, i + each));
  return steps;
}
