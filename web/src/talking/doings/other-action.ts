import { t } from '@lingui/core/macro';
import type { Of, Sort } from '../effects';

/** What another program lets a button do and Dwimble does not: shown, and carried along. */
export const otherAction: Sort<Of<'other-action'>> = {
  effects: () => [],
  phrase: (doing) => t`does “${named(doing.json)}” in another program`,
};

function named(json: string): string {
  try {
    const action: unknown = JSON.parse(json);
    return typeof action === 'string' ? action : json;
  } catch {
    return json;
  }
}
