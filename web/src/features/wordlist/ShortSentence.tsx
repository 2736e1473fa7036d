import { t } from '@lingui/core/macro';
import { Plural, Trans } from '@lingui/react/macro';
import { controls } from '../sheet';
import type { Of, Named } from './sentenceOf';
import { papers } from '../../drawn/looks';

const BEFORE = t`three`;
/** A paper of which a scale has the strengths. */
const STRENGTHS: Record<string, string> = {
  '': t`all white`,
  ...Object.fromEntries(papers.map((p) => [p.name, t`in strengths of ${p.name}`])),
};

/** Supports of which one sentence says all. */
export function ShortSentence({
  support,
  mayEdit,
  onSet,
}: Of<Named<'first-then' | 'choices' | 'token-board' | 'rules' | 'feelings-scale' | 'conversation-cards' | 'pairs' | 'picture-pages' | 'ways'>>) {
  switch (support.type) {
    case 'first-then': {
      const is = controls(support, mayEdit, onSet);
      const first = is.text('first', t`Over the first`, t`nothing`);
      const then = is.text('then', t`Over the second`, t`nothing`);
      const onSheet = is.number('onSheet', t`Pairs on a sheet`, 1, 6);
      return (
        <Trans>
          {first} and {then}, {onSheet} <Plural value={support.onSheet} one="pair" other="pairs" /> on a sheet,
        </Trans>
      );
    }
    case 'choices': {
      const is = controls(support, mayEdit, onSet);
      const onSheet = is.number('onSheet', t`How many to choose from`, 2, 8);
      const asked = is.text('asked', t`What is asked`, t`nothing`);
      return (
        <Trans>
          {onSheet} to choose from, asked {asked},
        </Trans>
      );
    }
    case 'token-board': {
      const is = controls(support, mayEdit, onSet);
      const tokens = is.number('tokens', t`How many tokens`, 3, 10);
      const asked = is.text('asked', t`What stands over it`, t`nothing over it`);
      const cut = is.yes('cut', t`Tokens to cut`, t`the tokens to cut on a sheet of their own`, t`no tokens to cut`);
      return (
        <Trans>
          A board for {tokens} tokens, {asked}, {cut},
        </Trans>
      );
    }
    case 'rules': {
      const is = controls(support, mayEdit, onSet);
      const onSheet = is.number('onSheet', t`Lines on a sheet`, 1, 12);
      const numbers = is.yes('numbers', t`Numbers`, t`numbered`, t`without numbers`);
      const heading = is.text('heading', t`Heading`, t`no heading`);
      return (
        <Trans>
          {onSheet} lines on a sheet, {numbers}, {heading},
        </Trans>
      );
    }
    case 'feelings-scale': {
      // A list of before these could be chosen has numbers and three colours.
      const set = { ...support, numbers: support.numbers ?? true, colour: support.colour ?? BEFORE };
      const is = controls(set, mayEdit, (next) => onSet({ ...next, colour: next.colour === BEFORE ? undefined : next.colour }));
      const steps = is.number('steps', t`Steps`, 3, 10);
      const numbers = is.yes('numbers', t`Numbers`, t`numbered`, t`without numbers`);
      const colour = is.choice('colour', t`Colour`, set.colour === BEFORE ? { ...STRENGTHS, [BEFORE]: t`in three colours` } : STRENGTHS);
      const heading = is.text('heading', t`Heading`, t`no heading`);
      return (
        <Trans>
          A scale of {steps} steps, the first word lowest, {numbers}, {colour}, {heading},
        </Trans>
      );
    }
    case 'conversation-cards': {
      const is = controls(support, mayEdit, onSet);
      const onSheet = is.number('onSheet', t`Cards on a sheet`, 1, 12);
      const lines = is.number('lines', t`Lines to write on`, 0, 6);
      return (
        <Trans>
          {onSheet} cards on a sheet, with {lines} lines to write on,
        </Trans>
      );
    }
    case 'picture-pages': {
      const onSheet = controls(support, mayEdit, onSet).number('onSheet', t`Pictures on a sheet`, 1, 4);
      return <Trans>Large pictures, {onSheet} on a sheet,</Trans>;
    }
    case 'ways': {
      const is = controls(support, mayEdit, onSet);
      const onSheet = is.number('onSheet', t`Words on a sheet`, 2, 12);
      const title = is.text('title', t`Heading`, t`no heading`);
      return (
        <Trans>
          Where {onSheet} words on a sheet are on the student’s boards, {title},
        </Trans>
      );
    }
    case 'pairs': {
      const is = controls(support, mayEdit, onSet);
      const side = is.length('side', t`Side of a card`);
      const match = is.choice('match', t`What makes a pair`, { SAME: t`each word twice`, PICTURE_WORD: t`the picture and its word` });
      return (
        <Trans>
          Cards of {side}, {match},
        </Trans>
      );
    }
  }
}
