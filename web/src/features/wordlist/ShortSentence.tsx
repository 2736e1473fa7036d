import { controls } from '../sheet';
import type { Of, Named } from './sentenceOf';
import { papers } from '../../drawn/looks';

const BEFORE = 'three';
/** A paper of which a scale has the strengths. */
const STRENGTHS: Record<string, string> = {
  '': 'all white',
  ...Object.fromEntries(papers.map((p) => [p.name, `in strengths of ${p.name}`])),
};

/** Supports of which one sentence says all. */
export function ShortSentence({
  support,
  mayEdit,
  onSet,
}: Of<Named<'first-then' | 'choices' | 'token-board' | 'rules' | 'feelings-scale' | 'conversation-cards' | 'pairs' | 'picture-pages' | 'ways'>>) {
  switch (support.type) {
    case 'first-then': {
      const pairs = support.onSheet === 1 ? 'pair' : 'pairs';
      const is = controls(support, mayEdit, onSet);
      return (
        <>
          {is.text('first', 'Over the first', 'nothing')} and {is.text('then', 'Over the second', 'nothing')}, {is.number('onSheet', 'Pairs on a sheet', 1, 6)}{' '}
          {pairs} on a sheet,
        </>
      );
    }
    case 'choices': {
      const is = controls(support, mayEdit, onSet);
      return (
        <>
          {is.number('onSheet', 'How many to choose from', 2, 8)} to choose from, asked {is.text('asked', 'What is asked', 'nothing')},
        </>
      );
    }
    case 'token-board': {
      const is = controls(support, mayEdit, onSet);
      return (
        <>
          A board for {is.number('tokens', 'How many tokens', 3, 10)} tokens, {is.text('asked', 'What stands over it', 'nothing over it')},{' '}
          {is.yes('cut', 'Tokens to cut', 'the tokens to cut on a sheet of their own', 'no tokens to cut')},
        </>
      );
    }
    case 'rules': {
      const is = controls(support, mayEdit, onSet);
      return (
        <>
          {is.number('onSheet', 'Lines on a sheet', 1, 12)} lines on a sheet, {is.yes('numbers', 'Numbers', 'numbered', 'without numbers')},{' '}
          {is.text('heading', 'Heading', 'no heading')},
        </>
      );
    }
    case 'feelings-scale': {
      // A list of before these could be chosen has numbers and three colours.
      const set = { ...support, numbers: support.numbers ?? true, colour: support.colour ?? BEFORE };
      const is = controls(set, mayEdit, (next) => onSet({ ...next, colour: next.colour === BEFORE ? undefined : next.colour }));
      return (
        <>
          A scale of {is.number('steps', 'Steps', 3, 10)} steps, the first word lowest, {is.yes('numbers', 'Numbers', 'numbered', 'without numbers')},{' '}
          {is.choice('colour', 'Colour', set.colour === BEFORE ? { ...STRENGTHS, [BEFORE]: 'in three colours' } : STRENGTHS)},{' '}
          {is.text('heading', 'Heading', 'no heading')},
        </>
      );
    }
    case 'conversation-cards': {
      const is = controls(support, mayEdit, onSet);
      return (
        <>
          {is.number('onSheet', 'Cards on a sheet', 1, 12)} cards on a sheet, with {is.number('lines', 'Lines to write on', 0, 6)} lines to write on,
        </>
      );
    }
    case 'picture-pages': {
      const is = controls(support, mayEdit, onSet);
      return <>Large pictures, {is.number('onSheet', 'Pictures on a sheet', 1, 4)} on a sheet,</>;
    }
    case 'ways': {
      const is = controls(support, mayEdit, onSet);
      return (
        <>
          Where {is.number('onSheet', 'Words on a sheet', 2, 12)} words on a sheet are on the student’s boards, {is.text('title', 'Heading', 'no heading')},
        </>
      );
    }
    case 'pairs': {
      const is = controls(support, mayEdit, onSet);
      return (
        <>
          Cards of {is.length('side', 'Side of a card')},{' '}
          {is.choice('match', 'What makes a pair', { SAME: 'each word twice', PICTURE_WORD: 'the picture and its word' })},
        </>
      );
    }
  }
}
