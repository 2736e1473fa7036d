import { t } from '@lingui/core/macro';
import { Plural, Trans } from '@lingui/react/macro';
import { Choice, controls } from '../sheet';
import { DottedText } from '../../shell/Dotted';
import type { Of, Named } from './sentenceOf';

export function GameSentence({ support, mayEdit, onSet }: Of<Named<'bingo' | 'dominoes' | 'roll-and-say'>>) {
  const of = controls(support, mayEdit, onSet);
  const players = of.number('players', t`How many play`, 1, 60);
  const game = of.number('number', t`Number of the game: the same number gives the same cards`, 0, 999_999_999);
  if (support.type === 'bingo') {
    const is = controls(support, mayEdit, onSet);
    const rows = is.number('rows', t`Rows`, 2, 6);
    const columns = is.number('columns', t`Columns`, 2, 6);
    const middle = is.yes('free', t`The middle`, t`the middle free`, t`no free middle`);
    const onSheet = (
      <Choice
        label={t`Cards on a sheet`}
        value={String(support.onSheet) as '1' | '2' | '4'}
        words={{ 1: t`one card on a sheet`, 2: t`two cards on a sheet`, 4: t`four cards on a sheet` }}
        disabled={!mayEdit}
        onChoose={(n) => onSet({ ...support, onSheet: Number(n) })}
      />
    );
    return (
      <Trans>
        Bingo for {players} <Plural value={support.players} one="player" other="players" />, {rows} rows by {columns}, {middle}, {onSheet}, game {game},
      </Trans>
    );
  }
  if (support.type === 'dominoes') {
    const is = controls(support, mayEdit, onSet);
    const each = is.number('each', t`Dominoes each`, 1, 20);
    const side = is.length('side', t`Side of a half`);
    return (
      <Trans>
        Dominoes for {players} <Plural value={support.players} one="player" other="players" />, {each} each, halves of {side}, game {game},
      </Trans>
    );
  }
  const columns = controls(support, mayEdit, onSet).number('columns', t`Words in a row`, 1, 6);
  return (
    <Trans>
      Roll and say for {players} <Plural value={support.players} one="player" other="players" />, {columns} words beside each face of the die, game {game},
    </Trans>
  );
}

export function MatsSentence({ support, mayEdit, onSet }: Of<Named<'sorting-mats'>>) {
  const fields = support.fields.join(', ');
  const called = (
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
  );
  const side = controls(support, mayEdit, onSet).length('side', t`Side of a card`);
  return (
    <Trans>
      A mat with fields called {called}, and cards of {side} to sort onto it,
    </Trans>
  );
}
