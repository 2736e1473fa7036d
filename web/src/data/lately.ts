import { Here } from './here';

/** What somebody chose last, newest first, in this browser. */
const MOST = 6;

const here = new Here<unknown>('lately');

export function lately(what: string): string[] {
  const kept = here.read(what);
  return Array.isArray(kept) ? kept.filter((k): k is string => typeof k === 'string') : [];
}

/** With one chosen just now. */
export const withLately = (kept: string[], chosen: string): string[] => [chosen, ...kept.filter((k) => k !== chosen)].slice(0, MOST);

export const choseLately = (what: string, chosen: string) => here.keep(what, withLately(lately(what), chosen));

/** Those chosen lately first, newest first; the others in their order. */
export function latelyFirst<T>(all: T[], key: (one: T) => string, kept: string[]): T[] {
  const place = (one: T) => (kept.includes(key(one)) ? kept.indexOf(key(one)) : kept.length);
  return [...all].sort((a, b) => place(a) - place(b));
}

/** Whoever signs in next on this device is somebody else. */
export const forgetLately = () => here.forget();
