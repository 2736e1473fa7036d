import { t } from '@lingui/core/macro';
import { asWritten } from '../words/words';

const day = new Intl.DateTimeFormat(asWritten(), { weekday: 'long', day: 'numeric', month: 'long' });
const time = new Intl.DateTimeFormat(asWritten(), { hour: '2-digit', minute: '2-digit' });

/** “Tuesday 3 November”, for headings. */
export const dayNamed = (iso: string) => day.format(new Date(iso));

/** “3 November 2026”, for names. */
export const shortDay = (now = new Date()) => new Intl.DateTimeFormat(asWritten(), { day: 'numeric', month: 'long', year: 'numeric' }).format(now);

/** “3 November 2026” for a day as ISO 8601 has it, whatever the clock’s zone. */
export const dayOf = (iso: string) => shortDay(new Date(`${iso}T12:00`));

/** “Tuesday 3 November” for a day as ISO 8601 has it, whatever the clock’s zone. */
export const longDay = (iso: string) => day.format(new Date(`${iso}T12:00`));

/** “09:05”, of minutes after midnight. */
export const clockTime = (minutes: number) => `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;

/** The minutes after midnight of “09:05”; none of what is no time. */
export function minutesOf(written: string): number | undefined {
  const [, hours, minutes] = /^(\d{1,2}):(\d{2})$/.exec(written.trim()) ?? [];
  const all = Number(hours) * 60 + Number(minutes);
  return Number(minutes) < 60 && all < 24 * 60 ? all : undefined;
}

export const today = (now = new Date()) => day.format(now);

/** "today 10:42", "yesterday 10:42", "3 March" and, in another year, "3 March 2025". */
export function dayAndTime(iso: string, now = new Date()): string {
  const then = new Date(iso);
  const days = Math.round((midnight(now) - midnight(then)) / 86_400_000);
  if (days <= 0) return t`today ${time.format(then)}`;
  if (days === 1) return t`yesterday ${time.format(then)}`;
  const sameYear = then.getFullYear() === now.getFullYear();
  return new Intl.DateTimeFormat(asWritten(), { day: 'numeric', month: 'long', ...(sameYear ? {} : { year: 'numeric' }) }).format(then);
}

function midnight(date: Date): number {
  return new Date(date.getFullYear(), date.getMonth(), date.getDate()).getTime();
}
