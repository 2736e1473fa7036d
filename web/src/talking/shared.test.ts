import { describe, expect, it } from 'vitest';
import shared from '../../../core/src/test/resources/org/dwimble/core/shared-cases.json';
import type { Board, Button, FormsOf } from '../api/types';
import type { Performed } from './effects';
import { formLabels } from './doings/forms';
import { Fitting, type Form } from './fitting';
import { begin, tap, type Tapped } from './talk';
import { button as made } from '../testing/plain';

/** Tapping as core has it (SharedCasesTest), on the same cases; how a case writes a button stands there under "tappingReads". */
interface Case {
  /** Written short, or as the wire has it. */
  taps: (string | Partial<Button>)[];
  message: string[];
  at: string;
  trail?: string[];
  performed?: string[];
  nowhere?: boolean;
  name?: string;
  offered?: (string | null)[];
}
const cases = (shared as unknown as { tapping: Case[] }).tapping;
const forms = shared as unknown as { formWords: { forms: FormsOf }[]; forms: ({ before?: string; last: string } & { [F in Form]?: string })[] };
const fitting = new Fitting(forms.formWords.map((f) => f.forms));
const boards = new Map(
  ['home', 'food', 'fruit'].map((id): [string, Board] => [id, { id, name: id, rows: 1, columns: 1, heights: [], widths: [], look: {}, buttons: [] }]),
);
const doings = { _: 'add-space', '-': 'take-last-off', clear: 'clear-message', say: 'say-message' } as const;

/** What is performed, as a case writes it: "performedReads" there. */
function performedAs(effect: Performed): string {
  switch (effect.what) {
    case 'stop':
    case 'pad':
    case 'next turn':
      return effect.what;
    case 'show':
      return `show ${effect.list}`;
    case 'turn':
      return `${effect.dial.toLowerCase()} ${effect.steps}`;
    case 'say':
      return [
        effect.sound ? `♪${effect.sound.slice(4, 6)} ` : '',
        effect.text,
        effect.manner === 'PLAINLY' ? '' : ` (${effect.manner.toLowerCase()})`,
        effect.spoken === effect.text ? '' : ` [${effect.spoken}]`,
      ].join('');
  }
}

function button(tapped: string | Partial<Button>): Button {
  if (typeof tapped !== 'string') return { ...button('plain'), ...tapped };
  const written = tapped;
  const plain = made(written, 0, 0);
  const silent: Button = { ...plain, says: { type: 'nothing' } };
  if (written.startsWith('+')) return { ...silent, doings: [{ type: 'spell', letters: written.slice(1) }] };
  if (written in doings) return { ...silent, doings: [{ type: doings[written as keyof typeof doings] }] };
  const [, label, text] = /^([^=]*)=(.*)$/.exec(written) ?? [];
  if (text) return { ...plain, label, says: { type: 'words', text } };
  if (/[<^]$/.test(written)) return { ...silent, leads: { type: written.endsWith('<') ? 'back' : 'home' } };
  const [, word, says, once, to] = /^([^!>]*)(!?)>(>?)(.*)$/.exec(written) ?? [];
  if (to) return { ...(says ? plain : silent), label: word, leads: { type: 'opens', board: to, ...(once && { once: true }) } };
  return plain;
}

describe('tapping, as core has it', () => {
  it.each(cases)('$taps', ({ taps, message, at, trail = [], performed = [], nowhere = false, name, offered = [] }) => {
    const around = { forms: fitting, name, offered: offered.map((text) => (text ? { text, layers: [] } : undefined)) };
    const last = taps.reduce<Tapped>(({ state }, written) => tap(state, button(written), boards, 'home', around), { state: begin('home'), performed: [] });
    expect(last.state.message.map((t) => t.text)).toEqual(message);
    expect([last.state.board, last.state.trail]).toEqual([at, trail]);
    expect(last.performed.map(performedAs)).toEqual(performed);
    expect(last.nowhere ?? false).toBe(nowhere);
  });
});

it.each(forms.forms)('$before $last stands in the forms that core makes', (tried) => {
  for (const form of Object.keys(formLabels()) as Form[]) expect([form, fitting.changed(tried.before, tried.last, form)]).toEqual([form, tried[form]]);
});
