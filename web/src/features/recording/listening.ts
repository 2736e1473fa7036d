// When somebody begins to speak, and is done: told from how loud it is, as pure moves.

/** Louder than the room by so many dB, somebody speaks; the quietest room there is, in dBFS. */
const ABOVE_ROOM = 12;
const QUIETEST = -62;
/** Below this nobody speaks, however quiet the room. */
const SPEAKS = -48;
/** Speech shorter than this is a click. */
const CLICK_MS = 90;
/** Silence of so long ends what is said. */
export const DONE_MS = 900;
/** The room is as loud as it was at its quietest in the last seconds. */
const ROOM_MS = 3000;

export interface Listening {
  /** In dBFS: of the last piece. */
  now: number;
  /** Milliseconds heard in all, of speech, and of silence since. */
  ms: number;
  spoken: number;
  silent: number;
  /** When speech began, in milliseconds. */
  began?: number;
  /** Levels of the last pieces with their lengths. */
  lately: { level: number; ms: number }[];
}

export const silence: Listening = { now: -120, ms: 0, spoken: 0, silent: 0, lately: [] };

export const done = (listening: Listening) => listening.began !== undefined && listening.silent >= DONE_MS;

/** After one more piece. What was no more than a click is forgotten. */
export function heardPiece(was: Listening, level: number, ms: number): Listening {
  const lately = [...was.lately, { level, ms }];
  let kept = lately.reduce((n, p) => n + p.ms, 0);
  while (kept > ROOM_MS && lately.length > 1) kept -= lately.shift()!.ms;
  const room = Math.max(QUIETEST, Math.min(...lately.map((p) => p.level)));
  // Who speaks already goes on with less: the end of a word is soft.
  const speaks = level > Math.max(SPEAKS, room + (was.began === undefined ? ABOVE_ROOM : ABOVE_ROOM / 2));
  const next = { ...was, now: level, ms: was.ms + ms, lately };
  if (speaks) return { ...next, began: was.began ?? was.ms, spoken: was.spoken + ms, silent: 0 };
  const silent = was.began === undefined ? 0 : was.silent + ms;
  if (was.began !== undefined && was.spoken < CLICK_MS && silent > DONE_MS / 3) return { ...next, began: undefined, spoken: 0, silent: 0 };
  return { ...next, silent };
}

/** 0 to 1, as the bar shows it: from the quietest room to as loud as it goes. */
export const shown = (level: number) => Math.max(0, Math.min(1, (level - QUIETEST) / -QUIETEST));
