/** What somebody chose last, newest first, in this browser. */
const MOST = 6;

const PREFIX = 'dwimble.lately.';
const nameOf = (what: string) => PREFIX + what;

export function lately(what: string): string[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(nameOf(what)) ?? '[]');
    return Array.isArray(kept) ? kept.filter((k): k is string => typeof k === 'string') : [];
  } catch {
    return [];
  }
}

/** With one chosen just now. */
export const withLately = (kept: string[], chosen: string): string[] => [chosen, ...kept.filter((k) => k !== chosen)].slice(0, MOST);

export function choseLately(what: string, chosen: string) {
  try {
    localStorage.setItem(nameOf(what), JSON.stringify(withLately(lately(what), chosen)));
  } catch {
    // A browser that keeps nothing offers all in its usual order.
  }
}

/** Those chosen lately first, newest first; the others in their order. */
export function latelyFirst<T>(all: T[], key: (one: T) => string, kept: string[]): T[] {
  const place = (one: T) => (kept.includes(key(one)) ? kept.indexOf(key(one)) : kept.length);
  return [...all].sort((a, b) => place(a) - place(b));
}

/** Whoever signs in next on this device is somebody else. */
export function forgetLately() {
  try {
    Object.keys(localStorage)
      .filter((key) => key.startsWith(PREFIX))
      .forEach((key) => localStorage.removeItem(key));
  } catch {
    // A browser that keeps nothing has nothing to forget.
  }
}
