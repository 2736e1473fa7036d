import type { Support } from '../../api/types';
import { DottedLength, DottedNumber } from './Length';
import { Choice, type SentenceOf } from './Sentence';

type Cards = Extract<Support, { type: 'cards' }>;

const LINES: Record<Cards['lines'], string> = { EDGE: 'an edge to cut along', CUT: 'lines to cut along between them', NONE: 'no lines' };
const BACKS: Record<Cards['back'], string> = {
  NONE: 'nothing on the back', BLANK: 'an empty back', SAME: 'the same on the back', WORD: 'the word alone on the back', PATTERN: 'a pattern on the back',
};
const FLIPS: Record<Cards['flip'], string> = { LONG: 'the long edge', SHORT: 'the short edge' };

/** How cards are cut and what is on them. */
export function CardsSentence({ support: cards, mayEdit, onSet }: SentenceOf<Cards>) {
  const disabled = !mayEdit;
  return (
    <>
      Cards{' '}
      <Choice
        label="How cards are measured"
        value={cards.onSheet > 0 ? 'NUMBER' : 'SIZE'}
        words={{ SIZE: 'of a size', NUMBER: 'so many on a sheet' }}
        disabled={disabled}
        onChoose={(key) => onSet({ ...cards, onSheet: key === 'NUMBER' ? 12 : 0 })}
      />
      ,{' '}
      {cards.onSheet > 0 ? (
        <>
          <DottedNumber label="Cards on a sheet" value={cards.onSheet} least={1} most={400} disabled={disabled} onKeep={(onSheet) => onSet({ ...cards, onSheet })} /> on a
          sheet
        </>
      ) : (
        <>
          <DottedLength label="Width of a card" value={cards.width} disabled={disabled}
            onKeep={(width) => onSet({ ...cards, width, height: cards.height === cards.width ? width : cards.height })} />{' '}
          wide and <DottedLength label="Height of a card" value={cards.height} disabled={disabled} onKeep={(height) => onSet({ ...cards, height })} /> high
        </>
      )}
      , <DottedLength label="Gap between cards" value={cards.gap} disabled={disabled} onKeep={(gap) => onSet({ ...cards, gap })} /> apart, with{' '}
      <Choice label="Lines to cut along" value={cards.lines} words={LINES} disabled={disabled} onChoose={(lines) => onSet({ ...cards, lines })} />, corners rounded by{' '}
      <DottedLength label="How far corners are rounded" value={cards.corner} disabled={disabled} onKeep={(corner) => onSet({ ...cards, corner })} />,{' '}
      <Choice label="What is on the back" value={cards.back} words={BACKS} disabled={disabled} onChoose={(back) => onSet({ ...cards, back })} />
      {cards.back !== 'NONE' && (
        <>
          {' '}
          turned over <Choice label="The edge the printer turns over" value={cards.flip} words={FLIPS} disabled={disabled} onChoose={(flip) => onSet({ ...cards, flip })} />
        </>
      )}
      ,{' '}
      <Choice
        label="A hole for a key ring"
        value={cards.hole ? 'YES' : 'NO'}
        words={{ NO: 'no hole', YES: 'a hole for a key ring' }}
        disabled={disabled}
        onChoose={(key) => onSet({ ...cards, hole: key === 'YES' })}
      />
      ,
    </>
  );
}
