import { t } from '@lingui/core/macro';
import type { Switch } from '../../api/types';

const number = new Intl.NumberFormat(undefined, { maximumFractionDigits: 2 });

export const seconds = (ms: number) => t`${number.format(ms / 1000)} s`;
/** @param length in micrometres */
export const millimetres = (length: number) => t`${number.format(length / 1000)} mm`;

/** What people call a key. */
function keyName(code: string): string {
  const [, letter] = /^(?:Key|Digit)(.)$/.exec(code) ?? [];
  const known: Record<string, string> = {
    Space: t`the space bar`,
    Enter: t`Enter`,
    ArrowLeft: t`the arrow to the left`,
    ArrowRight: t`the arrow to the right`,
    ArrowUp: t`the arrow up`,
    ArrowDown: t`the arrow down`,
    Backspace: t`the backspace key`,
  };
  return known[code] ?? t`the key ${letter ?? code}`;
}

export function switchName(one: Switch): string {
  switch (one.sort) {
    case 'KEY':
      return keyName(one.of);
    case 'ANY_KEY':
      return t`any key`;
    case 'TOUCH':
      return t`a click or touch anywhere`;
    case 'PAD_BUTTON':
      return t`button ${Number(one.of) + 1} of the game pad`;
  }
}
