import type { DayNow, ShownList } from '../api/types';
import { Here } from './here';
import { dayRun, type Mark, type Marks } from './dayRun';

/**
 * How a day stood when the server last said, and what was marked since: for when there is no network. In this browser alone, until the day is over or
 * somebody signs out.
 */
interface Kept {
  day: string;
  zone: string;
  marks: Marks;
}

const days = new Here<Kept>('day');

export const rememberDay = (list: number, { day, zone, marks }: DayNow) => days.keep(list, { day, zone, marks });

const DEVICE_ZONE = Intl.DateTimeFormat().resolvedOptions().timeZone;

/** Day, as ISO 8601 has it, and minute after midnight in a zone. */
function momentIn(timeZone: string, at: Date) {
  const format = new Intl.DateTimeFormat('en-GB', {
    timeZone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  });
  const part = Object.fromEntries(format.formatToParts(at).map(({ type, value }) => [type, value]));
  return { day: `${part.year}-${part.month}-${part.day}`, minute: Number(part.hour) * 60 + Number(part.minute) };
}

/** How it stands now as far as this device knows. */
export function dayHere(shown: Pick<ShownList, 'id' | 'words' | 'showing'>, at = new Date()): DayNow {
  const kept = days.read(shown.id);
  const zone = kept?.zone ?? DEVICE_ZONE;
  const { day, minute } = momentIn(zone, at);
  const marks = kept?.day === day ? kept.marks : {};
  const items = shown.words.map(({ id, not }) => ({ id, never: not }));
  return { day, minute, zone, marks: marks as DayNow['marks'], run: dayRun(items, shown.showing.day, marks, minute) };
}

/** Marked on this device alone. `mark`: none takes back what was said. */
export function markHere(shown: Pick<ShownList, 'id' | 'words' | 'showing'>, word: string, mark: Mark | undefined, at = new Date()): DayNow {
  const now = dayHere(shown, at);
  const { [word]: _before, ...others } = now.marks;
  rememberDay(shown.id, { ...now, marks: mark ? { ...others, [word]: mark } : others });
  return dayHere(shown, at);
}

/** What is left of earlier days goes; with `all`, today's too. */
export function forgetDays(all = false, at = new Date()) {
  days.forget(({ day, zone }) => all || day !== momentIn(zone, at).day);
}
