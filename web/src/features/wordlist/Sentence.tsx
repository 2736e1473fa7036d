import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
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
  const way = is.yes('standing', t`Which way it goes`, t`down`, t`across`);
  const asMany = support.inRow === 0 ? t`as many as fit` : String(support.inRow);
  const inRow = is.number('inRow', t`How many in a row; 0 for as many as fit`, 0, 30, asMany);
  const side = is.length('side', t`Side of each picture`);
  const heads = is.choice('heads', t`What stands over each`, {
    NONE: t`nothing over them`,
    NUMBERS: t`numbers`,
    CLOCK: t`clock times`,
    PARTS: t`parts of the day`,
    NOW_NEXT: t`“now” and “next”`,
    FIRST_THEN: t`“first” and “then”`,
  });
  const start = (
    <DottedText
      label={t`Time of the first`}
      value={clock(support.start)}
      disabled={!mayEdit}
      onKeep={(text) => {
        const start = minutesOf(text);
        if (start !== undefined) onSet({ ...support, start });
      }}
    />
  );
  const minutes = is.number('minutes', t`Minutes from one to the next`, 1, 1440);
  const done = is.choice('done', t`What shows that something is over`, {
    NONE: t`nothing for what is done`,
    POCKET: t`a pocket for what is done`,
    BOXES: t`boxes to tick`,
  });
  const times = support.heads === 'CLOCK' && (
    <>
      {' '}
      <Trans>
        from {start} every {minutes} minutes
      </Trans>
    </>
  );
  return (
    <Trans>
      A strip {way}, {inRow} in a row, each {side} wide, with {heads}
      {times}, {done},
    </Trans>
  );
}

function CardsSentence({ support: cards, mayEdit, onSet }: Of<Named<'cards'>>) {
  const is = controls(cards, mayEdit, onSet);
  const measured = (
    <Choice
      label={t`How cards are measured`}
      value={cards.onSheet > 0 ? 'NUMBER' : 'SIZE'}
      words={{ SIZE: t`of a size`, NUMBER: t`so many on a sheet` }}
      disabled={!mayEdit}
      onChoose={(key) => onSet({ ...cards, onSheet: key === 'NUMBER' ? 12 : 0 })}
    />
  );
  const onSheet = is.number('onSheet', t`Cards on a sheet`, 1, 400);
  const width = (
    <DottedLength
      label={t`Width of a card`}
      value={cards.width}
      disabled={!mayEdit}
      onKeep={(width) => onSet({ ...cards, width, height: cards.height === cards.width ? width : cards.height })}
    />
  );
  const height = is.length('height', t`Height of a card`);
  const gap = is.length('gap', t`Gap between cards`);
  const cut = is.choice('lines', t`Lines to cut along`, CUT_ALONG);
  const corner = is.length('corner', t`How far corners are rounded`);
  const back = is.choice('back', t`What is on the back`, {
    NONE: t`nothing on the back`,
    BLANK: t`an empty back`,
    SAME: t`the same on the back`,
    WORD: t`the word alone on the back`,
    PATTERN: t`a pattern on the back`,
  });
  const flip = is.choice('flip', t`The edge the printer turns over`, TURNED_OVER);
  const hole = is.yes('hole', t`A hole for a key ring`, t`a hole for a key ring`, t`no hole`);
  const size =
    cards.onSheet > 0 ? (
      <Trans>{onSheet} on a sheet</Trans>
    ) : (
      <Trans>
        {width} wide and {height} high
      </Trans>
    );
  const turned = cards.back !== 'NONE' && (
    <>
      {' '}
      <Trans>turned over {flip}</Trans>
    </>
  );
  return (
    <Trans>
      Cards {measured}, {size}, {gap} apart, with {cut}, corners rounded by {corner}, {back}
      {turned}, {hole},
    </Trans>
  );
}

function StorySentence({ support, mayEdit, onSet }: Of<Named<'story'>>) {
  const is = controls(support, mayEdit, onSet);
  const bound = is.choice('bound', t`How pages lie on sheets`, {
    ONE: t`one page on a sheet`,
    TWO: t`two pages on a sheet`,
    FOUR: t`four pages on a sheet`,
    BOOKLET: t`folded into a booklet`,
  });
  const creep = is.length('creep', t`How far inner pages move towards the fold`);
  const over = is.yes('over', t`Small pictures over words`, t`a small picture over each word`, t`no pictures over words`);
  const title = is.text('title', t`Title on a page of its own`, t`no title page`);
  const inner = support.bound === 'BOOKLET' && (
    <>
      {' '}
      <Trans>whose inner pages move in by {creep}</Trans>
    </>
  );
  return (
    <Trans>
      A story, each word of the list a page of it, {bound}
      {inner}, {over}, {title},
    </Trans>
  );
}

function GridSentence({ support, mayEdit, onSet }: Of<Named<'grid'>>) {
  const is = controls(support, mayEdit, onSet);
  const emptyNow = support.empty.map((cell) => cell + 1).join(', ');
  const cells = (
    <DottedText
      label={t`Rows by columns, such as 4 x 5`}
      value={`${support.rows} x ${support.columns}`}
      disabled={!mayEdit}
      onKeep={(text) => {
        const [rows, columns] = (text.match(/\d+/g) ?? []).map(Number);
        if (rows && columns) onSet({ ...support, rows, columns });
      }}
    />
  );
  const gap = is.length('gap', t`Gap between cells`);
  const empty = (
    <DottedText
      label={t`Cells that stay empty, by number`}
      value={emptyNow}
      shown={emptyNow || t`none`}
      disabled={!mayEdit}
      onKeep={(text) => onSet({ ...support, empty: (text.match(/\d+/g) ?? []).map((n) => Number(n) - 1) })}
    />
  );
  const colours = is.yes('byKind', t`Colours`, t`coloured by kind`, t`white but for words with a paper of their own`);
  const title = is.text('title', t`Title over it`, t`no title`);
  return (
    <Trans>
      A grid of {cells} cells, rows by columns, {gap} apart, cells {empty} empty, {colours}, {title},
    </Trans>
  );
}

function HomeSentence({ support, mayEdit, onSet }: Of<Named<'going-home'>>) {
  const is = controls(support, mayEdit, onSet);
  const heading = is.text('heading', t`Heading`, t`no heading`);
  const sections = (
    <DottedText
      label={t`Headings, each with how many words, with commas`}
      value={support.sections.map((s) => `${s.called} ${s.words}`).join(', ')}
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
    />
  );
  const lines = is.number('lines', t`Lines to write on`, 0, 8);
  return (
    <Trans>
      A page to take home, {heading}, with {sections} words below, and {lines} lines to write on,
    </Trans>
  );
}
