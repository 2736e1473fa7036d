import type { Doing, HowSaid } from '../api/types';
import type { Form } from './fitting';

export type Manner = HowSaid['manner'];
export type Dial = 'LOUDNESS' | 'RATE';

/** Something heard: a sound if there is one, else the text by a voice. */
export interface Say {
  what: 'say';
  /** As it is read; empty if there is a sound alone. */
  text: string;
  /** What a voice is given for it. */
  spoken: string;
  sound?: string;
  manner: Manner;
}

/** What is performed where the student is. Those of core are `Effect.Performed`. */
export type Performed =
  Say | { what: 'stop' } | { what: 'pad' } | { what: 'next turn' } | { what: 'show'; list: number } | { what: 'turn'; dial: Dial; steps: number };

/** What comes of a doing: talk follows those that change the message; the others are performed. Those of core are `Effect`. */
export type Effect =
  | Performed
  | { what: 'word' }
  | { what: 'add'; words: string }
  | { what: 'letters'; letters: string }
  | { what: 'end word' }
  | { what: 'formed'; form: Form }
  | { what: 'offered'; place: number }
  | { what: 'capital' }
  | { what: 'name' }
  | { what: 'last letter' }
  | { what: 'take off' }
  | { what: 'clear' }
  | { what: 'say all' };

export const plainly = (text: string): Say => ({ what: 'say', text, spoken: text, manner: 'PLAINLY' });

/** One sort of doing, as the web needs it. */
export interface Sort<D extends Doing> {
  effects: (doing: D) => Effect[];
  /** In the button sentence: “clears the message”. */
  phrase: (doing: D) => string;
  /** How it is offered; left out if it is not to be chosen. */
  offered?: {
    label: () => string;
    /** What was typed for it; left out if nothing is typed. */
    typed?: (doing: D) => string;
    /** @param text what was typed; empty if nothing is. */
    make: (text: string) => D;
  };
  /** How a new button that does it is called, and the picture it gets; left out if none is offered. */
  button?: { label: () => string; picture?: string };
}

export type Of<T extends Doing['type']> = Extract<Doing, { type: T }>;
