import type { PageSetup, Support } from '../../api/types';
import { Choice, controls } from '../sheet/controls';
import { DottedText } from '../board/Dotted';
import { DottedLength, DottedNumber } from '../sheet/Length';
import { CalendarSentence } from './CalendarSentence';
import { clock, minutesOf } from '../sheet/units';

export interface Of<S> {
  support: S;
  mayEdit: boolean;
  onSet: (support: S) => void;
}
export type Named<N extends Support['type']> = Extract<Support, { type: N }>;

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
      {is.number('inRow', 'How many in a row; 0 for as many as fit', 0, 30, support.inRow === 0 ? 'as many as fit' : String(support.inRow))} in a row,
      each {is.length('side', 'Side of each picture')} wide, with{' '}
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
      , {is.length('gap', 'Gap between cards')} apart, with{' '}
      {is.choice('lines', 'Lines to cut along', { EDGE: 'an edge to cut along', CUT: 'lines to cut along between them', NONE: 'no lines' })}, corners
      rounded by {is.length('corner', 'How far corners are rounded')},{' '}
      {is.choice('back', 'What is on the back', {
        NONE: 'nothing on the back',
        BLANK: 'an empty back',
        SAME: 'the same on the back',
        WORD: 'the word alone on the back',
        PATTERN: 'a pattern on the back',
      })}
      {cards.back !== 'NONE' && (
        <> turned over {is.choice('flip', 'The edge the printer turns over', { LONG: 'the long edge', SHORT: 'the short edge' })}</>
      )}
      , {is.yes('hole', 'A hole for a key ring', 'a hole for a key ring', 'no hole')},
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
      empty, {is.yes('byKind', 'Colours', 'coloured by kind', 'white but for words with a paper of their own')},{' '}
      {is.text('title', 'Title over it', 'no title')},
    </>
  );
}

function GameSentence({ support, mayEdit, onSet }: Of<Named<'bingo' | 'dominoes' | 'roll-and-say'>>) {
  const who = (
    <>
      for{' '}
      <DottedNumber
        label="How many play"
        value={support.players}
        least={1}
        most={60}
        disabled={!mayEdit}
        onKeep={(players) => onSet({ ...support, players })}
      />{' '}
      {support.players === 1 ? 'player' : 'players'}
    </>
  );
  const dealt = (
    <>
      , game{' '}
      <DottedNumber
        label="Number of the game: the same number gives the same cards"
        value={support.number}
        least={0}
        most={999_999_999}
        disabled={!mayEdit}
        onKeep={(number) => onSet({ ...support, number })}
      />
      ,
    </>
  );
  if (support.type === 'bingo') {
    const is = controls(support, mayEdit, onSet);
    return (
      <>
        Bingo {who}, {is.number('rows', 'Rows', 2, 6)} rows by {is.number('columns', 'Columns', 2, 6)},{' '}
        {is.yes('free', 'The middle', 'the middle free', 'no free middle')},{' '}
        <Choice
          label="Cards on a sheet"
          value={String(support.onSheet) as '1' | '2' | '4'}
          words={{ 1: 'one card on a sheet', 2: 'two cards on a sheet', 4: 'four cards on a sheet' }}
          disabled={!mayEdit}
          onChoose={(n) => onSet({ ...support, onSheet: Number(n) })}
        />
        {dealt}
      </>
    );
  }
  if (support.type === 'dominoes') {
    const is = controls(support, mayEdit, onSet);
    return (
      <>
        Dominoes {who}, {is.number('each', 'Dominoes each', 1, 20)} each, halves of {is.length('side', 'Side of a half')}
        {dealt}
      </>
    );
  }
  return (
    <>
      Roll and say {who}, {controls(support, mayEdit, onSet).number('columns', 'Words in a row', 1, 6)} words beside each face of the die{dealt}
    </>
  );
}

function MatsSentence({ support, mayEdit, onSet }: Of<Named<'sorting-mats'>>) {
  const fields = support.fields.join(', ');
  return (
    <>
      A mat with fields called{' '}
      <DottedText
        label="What the fields are called, two to four, with commas"
        value={fields}
        disabled={!mayEdit}
        onKeep={(text) =>
          onSet({
            ...support,
            fields: text
              .split(',')
              .map((f) => f.trim())
              .filter(Boolean),
          })
        }
      />
      , and cards of {controls(support, mayEdit, onSet).length('side', 'Side of a card')} to sort onto it,
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

const BEFORE = 'three';
/** A paper of which a scale has the strengths. */
const STRENGTHS: Record<string, string> = {
  '': 'all white',
  ...Object.fromEntries(['shell', 'peach', 'straw', 'lime', 'reed', 'mint', 'tide', 'sky', 'bluebell', 'heather', 'rose', 'oat'].map((p) => [p, `in strengths of ${p}`])),
};

function ShortSentence({
  support,
  mayEdit,
  onSet,
}: Of<Named<'first-then' | 'choices' | 'token-board' | 'rules' | 'feelings-scale' | 'conversation-cards' | 'pairs' | 'picture-pages' | 'ways'>>) {
  switch (support.type) {
    case 'first-then': {
      const is = controls(support, mayEdit, onSet);
      return (
        <>
          {is.text('first', 'Over the first', 'nothing')} and {is.text('then', 'Over the second', 'nothing')},{' '}
          {is.number('onSheet', 'Pairs on a sheet', 1, 6)} {support.onSheet === 1 ? 'pair' : 'pairs'} on a sheet,
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
          A scale of {is.number('steps', 'Steps', 3, 10)} steps, the first word lowest,{' '}
          {is.yes('numbers', 'Numbers', 'numbered', 'without numbers')}, {is.choice('colour', 'Colour', set.colour === BEFORE ? { ...STRENGTHS, [BEFORE]: 'in three colours' } : STRENGTHS)}, {is.text('heading', 'Heading', 'no heading')},
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
          Where {is.number('onSheet', 'Words on a sheet', 2, 12)} words on a sheet are on the student’s boards,{' '}
          {is.text('title', 'Heading', 'no heading')},
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

const PAPERS: Record<PageSetup['paper'] | 'OWN', string> = {
  A4: 'A4',
  A3: 'A3',
  A5: 'A5',
  LETTER: 'Letter',
  LEGAL: 'Legal',
  TABLOID: 'Tabloid',
  OWN: 'paper of my own',
};
const OWN_SIZE = { width: 200_000, height: 200_000 };

/** The paper, and how words are set on it: the same for all that is made of a list. */
export function PageSentence({
  page,
  whose,
  beside,
  mayEdit,
  onSet,
}: {
  page: PageSetup;
  /** Whose boards say how words stand; null if it is nobody’s. */
  whose: string | null;
  /** True of supports whose words can stand beside their pictures only. */
  beside: boolean;
  mayEdit: boolean;
  onSet: (page: PageSetup) => void;
}) {
  const is = controls(page, mayEdit, onSet);
  const own = page.own && controls(page.own, mayEdit, (size) => onSet({ ...page, own: size }));
  return (
    <>
      {beside ? (
        <Choice
          label="Words"
          value={page.labels === 'NONE' ? 'NONE' : 'BESIDE'}
          words={{ BESIDE: 'with words', NONE: 'without words' }}
          disabled={!mayEdit}
          onChoose={(labels) => onSet({ ...page, labels })}
        />
      ) : (
        <Choice
          label="Where words stand"
          value={page.labels ?? (whose ? 'BOARDS' : 'BELOW')}
          words={
            {
              ...(whose ? { BOARDS: `words and pictures as on ${whose} boards` } : {}),
              BELOW: 'words below',
              ABOVE: 'words above',
              BESIDE: 'words beside',
              NONE: 'no words',
            } as Record<string, string>
          }
          disabled={!mayEdit}
          onChoose={(labels) => onSet({ ...page, labels: labels === 'BOARDS' ? undefined : (labels as PageSetup['labels']) })}
        />
      )}
      {page.labels !== 'NONE' && <>, {is.choice('type', 'How large words are', { EQUAL: 'all one size', EACH: 'each as large as fits' })}</>}, on{' '}
      <Choice
        label="Paper"
        value={page.own ? 'OWN' : page.paper}
        words={PAPERS}
        disabled={!mayEdit}
        onChoose={(key) => onSet(key === 'OWN' ? { ...page, own: OWN_SIZE } : { ...page, own: undefined, paper: key })}
      />
      {own && (
        <>
          {' '}
          of {own.length('width', 'Width of the paper')} by {own.length('height', 'Height of the paper')}
        </>
      )}{' '}
      {is.choice('turn', 'Which way the paper lies', { BEST: 'whichever way is better', UPRIGHT: 'standing up', LYING: 'lying down' })}, the printer
      leaving {is.length('margin', 'What the printer cannot print on')} free.
    </>
  );
}
