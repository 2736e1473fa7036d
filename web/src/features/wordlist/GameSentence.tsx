import { t } from '@lingui/core/macro';
import { Choice, controls } from '../sheet';
import { DottedText } from '../../shell/Dotted';
import type { Of, Named } from './sentenceOf';

export function GameSentence({ support, mayEdit, onSet }: Of<Named<'bingo' | 'dominoes' | 'roll-and-say'>>) {
  const of = controls(support, mayEdit, onSet);
  const who = (
    <>
      {t`for`} {of.number('players', t`How many play`, 1, 60)} {support.players === 1 ? t`player` : t`players`}
    </>
  );
  const dealt = (
    <>
      {t`, game`} {of.number('number', t`Number of the game: the same number gives the same cards`, 0, 999_999_999)},
    </>
  );
  if (support.type === 'bingo') {
    const is = controls(support, mayEdit, onSet);
    return (
      <>
        {t`Bingo`} {who}, {is.number('rows', t`Rows`, 2, 6)} {t`rows by`} {is.number('columns', t`Columns`, 2, 6)},{' '}
        {is.yes('free', t`The middle`, t`the middle free`, t`no free middle`)},{' '}
        <Choice
          label={t`Cards on a sheet`}
          value={String(support.onSheet) as '1' | '2' | '4'}
          words={{ 1: t`one card on a sheet`, 2: t`two cards on a sheet`, 4: t`four cards on a sheet` }}
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
        {t`Dominoes`} {who}, {is.number('each', t`Dominoes each`, 1, 20)} {t`each, halves of`} {is.length('side', t`Side of a half`)}
        {dealt}
      </>
    );
  }
  return (
    <>
      {t`Roll and say`} {who}, {controls(support, mayEdit, onSet).number('columns', t`Words in a row`, 1, 6)} {t`words beside each face of the die`}
      {dealt}
    </>
  );
}

export function MatsSentence({ support, mayEdit, onSet }: Of<Named<'sorting-mats'>>) {
  const fields = support.fields.join(', ');
  return (
    <>
      {t`A mat with fields called`}{' '}
      <DottedText
        label={t`What the fields are called, two to four, with commas`}
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
      {t`, and cards of`} {controls(support, mayEdit, onSet).length('side', t`Side of a card`)} {t`to sort onto it,`}
    </>
  );
}
