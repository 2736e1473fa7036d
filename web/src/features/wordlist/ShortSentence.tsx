import { t } from '@lingui/core/macro';
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
      const pairs = support.onSheet === 1 ? t`pair` : t`pairs`;
      const is = controls(support, mayEdit, onSet);
      return (
        <>
          {is.text('first', t`Over the first`, t`nothing`)} {t`and`} {is.text('then', t`Over the second`, t`nothing`)},{' '}
          {is.number('onSheet', t`Pairs on a sheet`, 1, 6)} {t`${pairs} on a sheet,`}
        </>
      );
    }
    case 'choices': {
      const is = controls(support, mayEdit, onSet);
      return (
        <>
          {is.number('onSheet', t`How many to choose from`, 2, 8)} {t`to choose from, asked`} {is.text('asked', t`What is asked`, t`nothing`)},
        </>
      );
    }
    case 'token-board': {
      const is = controls(support, mayEdit, onSet);
      return (
        <>
          {t`A board for`} {is.number('tokens', t`How many tokens`, 3, 10)} {t`tokens,`} {is.text('asked', t`What stands over it`, t`nothing over it`)},{' '}
          {is.yes('cut', t`Tokens to cut`, t`the tokens to cut on a sheet of their own`, t`no tokens to cut`)},
        </>
      );
    }
    case 'rules': {
      const is = controls(support, mayEdit, onSet);
      return (
        <>
          {is.number('onSheet', t`Lines on a sheet`, 1, 12)} {t`lines on a sheet,`} {is.yes('numbers', t`Numbers`, t`numbered`, t`without numbers`)},{' '}
          {is.text('heading', t`Heading`, t`no heading`)},
        </>
      );
    }
    case 'feelings-scale': {
      // A list of before these could be chosen has numbers and three colours.
      const set = { ...support, numbers: support.numbers ?? true, colour: support.colour ?? BEFORE };
      const is = controls(set, mayEdit, (next) => onSet({ ...next, colour: next.colour === BEFORE ? undefined : next.colour }));
      return (
        <>
          {t`A scale of`} {is.number('steps', t`Steps`, 3, 10)} {t`steps, the first word lowest,`}{' '}
          {is.yes('numbers', t`Numbers`, t`numbered`, t`without numbers`)},{' '}
          {is.choice('colour', t`Colour`, set.colour === BEFORE ? { ...STRENGTHS, [BEFORE]: t`in three colours` } : STRENGTHS)},{' '}
          {is.text('heading', t`Heading`, t`no heading`)},
        </>
      );
    }
    case 'conversation-cards': {
      const is = controls(support, mayEdit, onSet);
      return (
        <>
          {is.number('onSheet', t`Cards on a sheet`, 1, 12)} {t`cards on a sheet, with`} {is.number('lines', t`Lines to write on`, 0, 6)}{' '}
          {t`lines to write on,`}
        </>
      );
    }
    case 'picture-pages': {
      const is = controls(support, mayEdit, onSet);
      return (
        <>
          {t`Large pictures,`} {is.number('onSheet', t`Pictures on a sheet`, 1, 4)} {t`on a sheet,`}
        </>
      );
    }
    case 'ways': {
      const is = controls(support, mayEdit, onSet);
      return (
        <>
          {t`Where`} {is.number('onSheet', t`Words on a sheet`, 2, 12)} {t`words on a sheet are on the student’s boards,`}{' '}
          {is.text('title', t`Heading`, t`no heading`)},
        </>
      );
    }
    case 'pairs': {
      const is = controls(support, mayEdit, onSet);
      return (
        <>
          {t`Cards of`} {is.length('side', t`Side of a card`)},{' '}
          {is.choice('match', t`What makes a pair`, { SAME: t`each word twice`, PICTURE_WORD: t`the picture and its word` })},
        </>
      );
    }
  }
}
