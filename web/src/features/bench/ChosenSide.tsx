import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button as PlainButton, Select } from 'antd';
import type { BoardLine, Button, Intention, VocabularyView } from '../../api/types';
import { DottedChoice } from '../../shell/Dotted';
import { kinds } from '../../drawn/kindNames';
import { KindChoice } from './KindChoice';
import { CopyOnto } from './CopyOnto';
import { startsFirst } from '../../data/typed';
import bench from '../../shell/bench.module.css';
import parts from '../../shell/parts.module.css';

/** Several buttons chosen together, and what can be done to all of them at once. */
export function ChosenSide({
  buttons,
  line,
  view,
  onEdit,
  onCopyTo,
  onCopy,
  onNone,
  onLook,
}: {
  buttons: Button[];
  line: BoardLine;
  view: VocabularyView;
  onEdit: (edit: Intention) => void;
  onCopyTo: (board: string) => void;
  onCopy: () => void;
  onNone: () => void;
  onLook: () => void;
}) {
  const each = (made: (on: { board: string; button: string }) => Exclude<Intention, { type: 'several' }>) =>
    onEdit({ type: 'several', intentions: buttons.map((b) => made({ board: line.id, button: b.id })) });
  const named = buttons
    .slice(0, 8)
    .map((b) => b.label || t`a picture`)
    .join(', ');
  return (
    <section aria-label={t`Chosen buttons`} className={bench.buttonSentence}>
      <h2>{t`${buttons.length} buttons`}</h2>
      <p className={parts.quiet}>{buttons.length > 8 ? t`${named} and ${buttons.length - 8} more` : named}</p>
      <p>
        <Trans>
          They are{' '}
          <KindChoice
            label={t`Change the kind of all`}
            called="many"
            none={t`no words`}
            onChoose={(kind) => each((on) => ({ type: 'give-kind', ...on, kind }))}
          >
            {kindOfAll(buttons)}
          </KindChoice>
        </Trans>
      </p>
      <p>
        <Trans>
          and each says{' '}
          <DottedChoice
            label={t`Change what all say`}
            items={[
              { key: 'label', label: t`its own label` },
              { key: 'nothing', label: t`nothing` },
            ]}
            onChoose={(key) => each((on) => ({ type: 'give-words', ...on, says: { type: key as 'label' | 'nothing' } }))}
          >
            {saysOfAll(buttons)}
          </DottedChoice>
        </Trans>
      </p>
      <p>
        {t`Copy them to`}{' '}
        <Select
          className={bench.chooseBoard}
          aria-label={t`Copy them to a board`}
          placeholder={t`a board`}
          showSearch
          optionFilterProp="label"
          filterSort={startsFirst}
          value={null}
          options={view.boards.map((b) => ({ value: b.id, label: t`${b.name} (${b.empty} empty)` }))}
          onSelect={(to: string | null) => {
            if (to) onCopyTo(to);
          }}
        />
      </p>
      <p>
        <button type="button" className={parts.dotted} onClick={onLook}>{t`How they look`}</button>
      </p>
      <hr />
      <div className={parts.sentenceButtons}>
        <PlainButton onClick={onCopy}>{t`Copy`}</PlainButton>
        <PlainButton onClick={() => each((on) => ({ type: 'take-off', ...on }))}>{t`Take all off`}</PlainButton>
        <CopyOnto
          what="DOES"
          button={buttons[0]}
          board={line.id}
          chosen={buttons.slice(1)}
          onEdit={onEdit}
        >{t`All do what ${buttons[0].label || t`the first`} does`}</CopyOnto>
        <PlainButton onClick={onNone}>{t`Choose none`}</PlainButton>
      </div>
    </section>
  );
}

const same = <T,>(values: T[]) => values.every((v) => v === values[0]);
const saysIn = () => ({
  label: t`its own label`,
  words: t`other words`,
  nothing: t`nothing`,
  'of-day': t`what day it is`,
  'of-later': t`what only a newer Dwimble knows`,
});

function kindOfAll(buttons: Button[]) {
  if (!same(buttons.map((b) => b.kind))) return t`of different kinds`;
  const kind = kinds.find((k) => k.kind === buttons[0]?.kind);
  return kind ? kind.many : t`no words`;
}

const saysOfAll = (buttons: Button[]) => (same(buttons.map((b) => b.says.type)) ? saysIn()[buttons[0]?.says.type ?? 'label'] : t`something different`);
