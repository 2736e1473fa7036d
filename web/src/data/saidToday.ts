import { Here } from './here';

/**
 * Which buttons were said today on this device, in the order in which each was said first: for a list of today's words. Button ids alone are kept,
 * in this browser alone, until the day is over or somebody signs out; no word leaves the device unless somebody begins a list with it.
 */
interface Kept {
  day: string;
  buttons: string[];
}

const here = new Here<Kept>('said');
const MOST = 300;

export const today = (now = new Date()) => `${now.getFullYear()}-${now.getMonth() + 1}-${now.getDate()}`;

/** With one more button; what was said on an earlier day is gone. */
export function withSaid(kept: Kept | undefined, button: string, day: string): Kept {
  const buttons = kept?.day === day ? kept.buttons : [];
  return buttons.includes(button) || buttons.length >= MOST ? { day, buttons } : { day, buttons: [...buttons, button] };
}

export function remember(vocabulary: number, button: string) {
  here.keep(vocabulary, withSaid(here.read(vocabulary), button, today()));
}

export function saidToday(vocabulary: number | undefined): string[] {
  const kept = vocabulary === undefined ? undefined : here.read(vocabulary);
  return kept?.day === today() ? kept.buttons : [];
}

/** What is left of earlier days goes; with `all`, today's too. */
export function forgetSaid(all = false) {
  here.forget(({ day }) => all || day !== today());
}
