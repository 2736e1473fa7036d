import { Here } from './here';
import { today } from './saidToday';
import type { Token } from '../talking';

/**
 * What was said as a whole lately on this device, the latest first: kept in this browser alone until the day is over or somebody signs out, as
 * today’s words are.
 */
interface Kept {
  day: string;
  messages: Token[][];
}

const here = new Here<Kept>('message');
/** So many are one touch away. */
const MOST = 3;

const textOf = (message: Token[]) => message.map((token) => token.text).join(' ');

/** With one more message, each once; what was said on an earlier day is gone, and what was drawn is not kept. */
export function withMessage(kept: Kept | undefined, message: Token[], day: string): Kept {
  const before = kept?.day === day ? kept.messages : [];
  if (message.length === 0 || message.some((token) => token.drawn)) return { day, messages: before };
  const others = before.filter((one) => textOf(one) !== textOf(message));
  return { day, messages: [message, ...others].slice(0, MOST) };
}

export function rememberMessage(vocabulary: number, message: Token[]) {
  here.keep(vocabulary, withMessage(here.read(vocabulary), message, today()));
}

export function saidLately(vocabulary: number): Token[][] {
  const kept = here.read(vocabulary);
  return kept?.day === today() ? kept.messages : [];
}

/** What is left of earlier days goes; with `all`, today’s too. */
export function forgetMessages(all = false) {
  here.forget(({ day }) => all || day !== today());
}
