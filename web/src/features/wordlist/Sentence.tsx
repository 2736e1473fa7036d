import type { Named, Of } from './sentenceOf';
import type { Support } from '../../api/types';
import { Choice, controls, DottedLength, clock, minutesOf } from '../sheet';
import { DottedText } from '../../shell/Dotted';
import { CalendarSentence } from './CalendarSentence';
import { GameSentence, MatsSentence } from './GameSentence';
import { ShortSentence } from './ShortSentence';

const CUT_ALONG = { EDGE: 'an edge to cut along', CUT: 'lines to cut along between them', NONE: 'no lines' };
const TURNED_OVER = { LONG: 'the long edge', SHORT: 'the short edge' };

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
      A strip {is.yes('standing', 'Which way it goes', 'down', 'across')},{' '}
      {is.number('inRow', 'How many in a row; 0 for as many as fit', 0, 30, support.inRow === 0 ? 'as many as fit' : String(support.inRow))} in a row, each{' '}
      {is.length('side', 'Side of each picture')} wide, with{' '}
      {is.choice('heads', 'What stands over each', {
        NONE: 'nothing over them',
        NUMBERS: 'numbers',
        CLOCK: 'clock times',
        PARTS: 'parts of the day',
        NOW_NEXT: '“now” and “next”',
        FIRST_THEN: '“first” and “then”',
      })}
      {support.heads === 'CLOCK' && (
        <>
          {' '}
          from{' '}
          <DottedText
            label="Time of the first"
            value={clock(support.start)}
            disabled={!mayEdit}
            onKeep={(text) => {
              const start = minutesOf(text);
              if (start !== undefined) onSet({ ...support, start });
            }}
          />{' '}
          every {is.number('minutes', 'Minutes from one to the next', 1, 1440)} minutes
        </>
      )}
      ,{' '}
      {is.choice('done', 'What shows that something is over', {
        NONE: 'nothing for what is done',
        POCKET: 'a pocket for what is done',
        BOXES: 'boxes to tick',
      })}
      ,
    </>
  );
}

function CardsSentence({ support: cards, mayEdit, onSet }: Of<Named<'cards'>>) {
  const is = controls(cards, mayEdit, onSet);
  return (
    <>
      Cards{' '}
      <Choice
        label="How cards are measured"
        value={cards.onSheet > 0 ? 'NUMBER' : 'SIZE'}
        words={{ SIZE: 'of a size', NUMBER: 'so many on a sheet' }}
        disabled={!mayEdit}
        onChoose={(key) => onSet({ ...cards, onSheet: key === 'NUMBER' ? 12 : 0 })}
      />
      ,{' '}
      {cards.onSheet > 0 ? (
        <>{is.number('onSheet', 'Cards on a sheet', 1, 400)} on a sheet</>
      ) : (
        <>
          <DottedLength
            label="Width of a card"
            value={cards.width}
            disabled={!mayEdit}
            onKeep={(width) => onSet({ ...cards, width, height: cards.height === cards.width ? width : cards.height })}
          />{' '}
          wide and {is.length('height', 'Height of a card')} high
        </>
      )}
      , {is.length('gap', 'Gap between cards')} apart, with {is.choice('lines', 'Lines to cut along', CUT_ALONG)}, corners rounded by{' '}
      {is.length('corner', 'How far corners are rounded')},{' '}
      {is.choice('back', 'What is on the back', {
        NONE: 'nothing on the back',
        BLANK: 'an empty back',
        SAME: 'the same on the back',
        WORD: 'the word alone on the back',
        PATTERN: 'a pattern on the back',
      })}
      {cards.back !== 'NONE' && <> turned over {is.choice('flip', 'The edge the printer turns over', TURNED_OVER)}</>},{' '}
      {is.yes('hole', 'A hole for a key ring', 'a hole for a key ring', 'no hole')},
    </>
  );
}

function StorySentence({ support, mayEdit, onSet }: Of<Named<'story'>>) {
  const is = controls(support, mayEdit, onSet);
  return (
    <>
      A story, each word of the list a page of it,{' '}
      {is.choice('bound', 'How pages lie on sheets', {
        ONE: 'one page on a sheet',
        TWO: 'two pages on a sheet',
        FOUR: 'four pages on a sheet',
        BOOKLET: 'folded into a booklet',
      })}
      {support.bound === 'BOOKLET' && <> whose inner pages move in by {is.length('creep', 'How far inner pages move towards the fold')}</>},{' '}
      {is.yes('over', 'Small pictures over words', 'a small picture over each word', 'no pictures over words')},{' '}
      {is.text('title', 'Title on a page of its own', 'no title page')},
    </>
  );
}

function GridSentence({ support, mayEdit, onSet }: Of<Named<'grid'>>) {
  const is = controls(support, mayEdit, onSet);
  const empty = support.empty.map((cell) => cell + 1).join(', ');
  return (
    <>
      A grid of{' '}
      <DottedText
        label="Rows by columns, such as 4 x 5"
        value={`${support.rows} x ${support.columns}`}
        disabled={!mayEdit}
        onKeep={(text) => {
          const [rows, columns] = (text.match(/\d+/g) ?? []).map(Number);
          if (rows && columns) onSet({ ...support, rows, columns });
        }}
      />{' '}
      cells, rows by columns, {is.length('gap', 'Gap between cells')} apart, cells{' '}
      <DottedText
        label="Cells that stay empty, by number"
        value={empty}
        shown={empty || 'none'}
        disabled={!mayEdit}
        onKeep={(text) => onSet({ ...support, empty: (text.match(/\d+/g) ?? []).map((n) => Number(n) - 1) })}
      />{' '}
      empty, {is.yes('byKind', 'Colours', 'coloured by kind', 'white but for words with a paper of their own')}, {is.text('title', 'Title over it', 'no title')}
      ,
    </>
  );
}

function HomeSentence({ support, mayEdit, onSet }: Of<Named<'going-home'>>) {
  const is = controls(support, mayEdit, onSet);
  const sections = support.sections.map((s) => `${s.called} ${s.words}`).join(', ');
  return (
    <>
      A page to take home, {is.text('heading', 'Heading', 'no heading')}, with{' '}
      <DottedText
        label="Headings, each with how many words, with commas"
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
      words below, and {is.number('lines', 'Lines to write on', 0, 8)} lines to write on,
    </>
  );
}
