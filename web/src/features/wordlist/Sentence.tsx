import { t } from '@lingui/core/macro';
import type { Named, Of } from './sentenceOf';
import type { Support } from '../../api/types';
import { Choice, controls, DottedLength, clock, minutesOf } from '../sheet';
import { DottedText } from '../../shell/Dotted';
import { CalendarSentence } from './CalendarSentence';
import { GameSentence, MatsSentence } from './GameSentence';
import { ShortSentence } from './ShortSentence';

const CUT_ALONG = { EDGE: t`an edge to cut along`, CUT: t`lines to cut along between them`, NONE: t`no lines` };
const TURNED_OVER = { LONG: t`the long edge`, SHORT: t`the short edge` };

/** The sentence that sets a support up: every dotted word in it is a control. */
export function SupportSentence({ support, mayEdit, onSet }: Of<Support>) {
  const rest = { mayEdit, onSet };
  switch (support.type) {
    case 'strip':
      return <StripSentence support={support} {...rest} />;
    case 'cards':
      return <CardsSentence support={support} {...rest} />;
    case 'story':
      return <StorySentence support={support} {...rest} />;
    case 'calendar':
      return <CalendarSentence support={support} {...rest} />;
    case 'going-home':
      return <HomeSentence support={support} {...rest} />;
    case 'grid':
      return <GridSentence support={support} {...rest} />;
    case 'bingo':
    case 'dominoes':
    case 'roll-and-say':
      return <GameSentence support={support} {...rest} />;
    case 'sorting-mats':
      return <MatsSentence support={support} {...rest} />;
    default:
      return <ShortSentence support={support} {...rest} />;
  }
}

function StripSentence({ support, mayEdit, onSet }: Of<Named<'strip'>>) {
  const is = controls(support, mayEdit, onSet);
  return (
    <>
      {t`A strip`} {is.yes('standing', t`Which way it goes`, t`down`, t`across`)},{' '}
      {is.number('inRow', t`How many in a row; 0 for as many as fit`, 0, 30, support.inRow === 0 ? t`as many as fit` : String(support.inRow))}{' '}
      {t`in a row, each`} {is.length('side', t`Side of each picture`)} {t`wide, with`}{' '}
      {is.choice('heads', t`What stands over each`, {
        NONE: t`nothing over them`,
        NUMBERS: t`numbers`,
        CLOCK: t`clock times`,
        PARTS: t`parts of the day`,
        NOW_NEXT: t`“now” and “next”`,
        FIRST_THEN: t`“first” and “then”`,
      })}
      {support.heads === 'CLOCK' && (
        <>
          {' '}
          {t`from`}{' '}
          <DottedText
            label={t`Time of the first`}
            value={clock(support.start)}
            disabled={!mayEdit}
            onKeep={(text) => {
              const start = minutesOf(text);
              if (start !== undefined) onSet({ ...support, start });
            }}
          />{' '}
          {t`every`} {is.number('minutes', t`Minutes from one to the next`, 1, 1440)} {t`minutes`}
        </>
      )}
      ,{' '}
      {is.choice('done', t`What shows that something is over`, {
        NONE: t`nothing for what is done`,
        POCKET: t`a pocket for what is done`,
        BOXES: t`boxes to tick`,
      })}
      ,
    </>
  );
}

function CardsSentence({ support: cards, mayEdit, onSet }: Of<Named<'cards'>>) {
  const is = controls(cards, mayEdit, onSet);
  return (
    <>
      {t`Cards`}{' '}
      <Choice
        label={t`How cards are measured`}
        value={cards.onSheet > 0 ? 'NUMBER' : 'SIZE'}
        words={{ SIZE: t`of a size`, NUMBER: t`so many on a sheet` }}
        disabled={!mayEdit}
        onChoose={(key) => onSet({ ...cards, onSheet: key === 'NUMBER' ? 12 : 0 })}
      />
      ,{' '}
      {cards.onSheet > 0 ? (
        <>
          {is.number('onSheet', t`Cards on a sheet`, 1, 400)} {t`on a sheet`}
        </>
      ) : (
        <>
          <DottedLength
            label={t`Width of a card`}
            value={cards.width}
            disabled={!mayEdit}
            onKeep={(width) => onSet({ ...cards, width, height: cards.height === cards.width ? width : cards.height })}
          />{' '}
          {t`wide and`} {is.length('height', t`Height of a card`)} {t`high`}
        </>
      )}
      , {is.length('gap', t`Gap between cards`)} {t`apart, with`} {is.choice('lines', t`Lines to cut along`, CUT_ALONG)}
      {t`, corners rounded by`} {is.length('corner', t`How far corners are rounded`)},{' '}
      {is.choice('back', t`What is on the back`, {
        NONE: t`nothing on the back`,
        BLANK: t`an empty back`,
        SAME: t`the same on the back`,
        WORD: t`the word alone on the back`,
        PATTERN: t`a pattern on the back`,
      })}
      {cards.back !== 'NONE' && (
        <>
          {' '}
          {t`turned over`} {is.choice('flip', t`The edge the printer turns over`, TURNED_OVER)}
        </>
      )}
      , {is.yes('hole', t`A hole for a key ring`, t`a hole for a key ring`, t`no hole`)},
    </>
  );
}

function StorySentence({ support, mayEdit, onSet }: Of<Named<'story'>>) {
  const is = controls(support, mayEdit, onSet);
  return (
    <>
      {t`A story, each word of the list a page of it,`}{' '}
      {is.choice('bound', t`How pages lie on sheets`, {
        ONE: t`one page on a sheet`,
        TWO: t`two pages on a sheet`,
        FOUR: t`four pages on a sheet`,
        BOOKLET: t`folded into a booklet`,
      })}
      {support.bound === 'BOOKLET' && (
        <>
          {' '}
          {t`whose inner pages move in by`} {is.length('creep', t`How far inner pages move towards the fold`)}
        </>
      )}
      , {is.yes('over', t`Small pictures over words`, t`a small picture over each word`, t`no pictures over words`)},{' '}
      {is.text('title', t`Title on a page of its own`, t`no title page`)},
    </>
  );
}

function GridSentence({ support, mayEdit, onSet }: Of<Named<'grid'>>) {
  const is = controls(support, mayEdit, onSet);
  const empty = support.empty.map((cell) => cell + 1).join(', ');
  return (
    <>
      {t`A grid of`}{' '}
      <DottedText
        label={t`Rows by columns, such as 4 x 5`}
        value={`${support.rows} x ${support.columns}`}
        disabled={!mayEdit}
        onKeep={(text) => {
          const [rows, columns] = (text.match(/\d+/g) ?? []).map(Number);
          if (rows && columns) onSet({ ...support, rows, columns });
        }}
      />{' '}
      {t`cells, rows by columns,`} {is.length('gap', t`Gap between cells`)} {t`apart, cells`}{' '}
      <DottedText
        label={t`Cells that stay empty, by number`}
        value={empty}
        shown={empty || t`none`}
        disabled={!mayEdit}
        onKeep={(text) => onSet({ ...support, empty: (text.match(/\d+/g) ?? []).map((n) => Number(n) - 1) })}
      />{' '}
      {t`empty,`} {is.yes('byKind', t`Colours`, t`coloured by kind`, t`white but for words with a paper of their own`)},{' '}
      {is.text('title', t`Title over it`, t`no title`)},
    </>
  );
}

function HomeSentence({ support, mayEdit, onSet }: Of<Named<'going-home'>>) {
  const is = controls(support, mayEdit, onSet);
  const sections = support.sections.map((s) => `${s.called} ${s.words}`).join(', ');
  return (
    <>
      {t`A page to take home,`} {is.text('heading', t`Heading`, t`no heading`)}
      {t`, with`}{' '}
      <DottedText
        label={t`Headings, each with how many words, with commas`}
        value={sections}
        disabled={!mayEdit}
        onKeep={(text) =>
          onSet({
            ...support,
            sections: text.split(',').flatMap((s) => {
              const [, called, words] = /^\s*(.+?)\s+(\d+)\s*$/.exec(s) ?? [];
              return called ? [{ called, words: Number(words) }] : [];
            }),
          })
        }
      />{' '}
      {t`words below, and`} {is.number('lines', t`Lines to write on`, 0, 8)} {t`lines to write on,`}
    </>
  );
}
