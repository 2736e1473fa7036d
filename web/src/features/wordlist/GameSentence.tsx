import { Choice, controls } from '../sheet';
import { DottedText } from '../../shell/Dotted';
import type { Of, Named } from './sentenceOf';

export function GameSentence({ support, mayEdit, onSet }: Of<Named<'bingo' | 'dominoes' | 'roll-and-say'>>) {
  const of = controls(support, mayEdit, onSet);
  const who = (
    <>
      for {of.number('players', 'How many play', 1, 60)} {support.players === 1 ? 'player' : 'players'}
    </>
  );
  const dealt = <>, game {of.number('number', 'Number of the game: the same number gives the same cards', 0, 999_999_999)},</>;
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

export function MatsSentence({ support, mayEdit, onSet }: Of<Named<'sorting-mats'>>) {
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
