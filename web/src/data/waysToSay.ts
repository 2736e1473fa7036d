import type { Student } from '../api/types';

export type StudentVoice = NonNullable<Student['voice']>;
export type Way = 'SOUND' | 'CHOSEN' | 'BROWSER' | 'OURS';

/** What is there to say something with. */
export interface Given {
  sound: boolean;
  chosen?: StudentVoice;
  /** Names of the device’s voices that speak the language. */
  browser: string[];
  /** Whether Dwimble’s own voices speak it. */
  ours: boolean;
  /** Whether some of it is written as it sounds, which no voice of a device can read. */
  phonetic: boolean;
}

/** By what something is heard, in the order in which it is tried: as core has it (`voice`), on the same cases. */
export function waysToSay({ sound, chosen, ours, phonetic, ...given }: Given): Way[] {
  const browser = phonetic ? [] : given.browser;
  const here = chosen && (chosen.where === 'OURS' ? ours : chosen.name ? browser.includes(chosen.name) : browser.length > 0);
  return [
    ...(sound ? ['SOUND' as const] : []),
    ...(here ? ['CHOSEN' as const] : []),
    ...(browser.length > 0 ? ['BROWSER' as const] : []),
    ...(ours ? ['OURS' as const] : []),
  ];
}
