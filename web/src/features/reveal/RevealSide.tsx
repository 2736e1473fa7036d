import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button as PlainButton } from 'antd';
import { useState } from 'react';
import type { Board, Button, Intention, Kind, Meant, Revealed, VocabularyView } from '../../api/types';
import { DottedChoice } from '../../shell/Dotted';
import { kinds } from '../../drawn/kindNames';
import { HeldList } from './HeldList';
import { HoldForm } from './HoldForm';
import { isWay, MEANT, numberOf, onlyOpens, stepNow, whyKept } from '../../data/plan';
import { WordList } from './WordList';
import css from './reveal.module.css';
import bench from '../../shell/bench.module.css';
import parts from '../../shell/parts.module.css';

interface Props {
  view: VocabularyView;
  board: Board;
  button?: Button;
  chosen: Button[];
  mayEdit: boolean;
  revealed: Revealed;
  /** Id of the step that takes what is tapped. */
  inHand?: string;
  onEdit: (edit: Intention) => Promise<unknown>;
  onShow: (board: string, cell: { row: number; column: number }) => void;
  onPropose: () => void;
  onFacts: () => void;
}

/** What the reveal lens tells beside the board, and what is done to many words at once. */
export function RevealSide({ view, board, button, chosen, mayEdit, revealed, inHand, onEdit, onShow, onPropose, onFacts }: Props) {
  const [holding, setHolding] = useState<{ what: string; words: Meant }>();
  const [typing, setTyping] = useState(false);
  const { plan } = view;
  const now = stepNow(plan);
  const hand = plan.steps.find((s) => s.id === inHand) ?? now;
  const here = view.boards.find((b) => b.id === board.id);
  const opens = board.buttons.some((b) => b.leads.type === 'opens');
  const one = chosen.length > 1 ? undefined : button;
  const into = (words: Partial<Meant>) => {
    if (hand) void onEdit({ type: 'put-in-step', words: { ...MEANT, ...words }, step: hand.id });
  };
  return (
    <section className={bench.buttonSentence} aria-label={t`Reveal`}>
      <h2>{t`${view.student?.name ?? t`The student`} sees ${view.counts.shown} of ${view.counts.words} words`}</h2>
      <p className={parts.quiet}>
        {now ? t`Step ${plan.at}, ${now.name}.` : t`There is no plan: everything is shown that is not held.`} {t`Nothing moves when a word is shown or held.`}
      </p>
      {view.counts.shown === 0 && (
        <p role="status">
          <Trans>
            <strong>No word is shown now.</strong> Whoever talks with this sees empty boards; tap a word to show it.
          </Trans>
        </p>
      )}
      {mayEdit && !now && <Begin view={view} onEdit={onEdit} onPropose={onPropose} />}
      {one && !isWay(one) && (
        <OneWord
          view={view}
          button={one}
          revealed={revealed}
          mayEdit={mayEdit}
          onEdit={onEdit}
          onHold={() => setHolding({ what: one.label || t`this picture`, words: { ...MEANT, buttons: [one.id] } })}
        />
      )}
      {one && isWay(one) && <p>{t`The ways back and home are always shown, so that nobody is left on a board with no way out.`}</p>}
      {mayEdit && chosen.length > 1 && (
        <p>
          <Trans>
            <strong>{t`${chosen.length} buttons chosen:`}</strong>
          </Trans>{' '}
          {hand && (
            <>
              <button type="button" className={parts.dotted} onClick={() => into({ buttons: chosen.map((b) => b.id) })}>
                {t`into step ${numberOf(plan, hand.id)}`}
              </button>
              {' · '}
            </>
          )}
          <button
            type="button"
            className={parts.dotted}
            onClick={() => setHolding({ what: `${chosen.length} words`, words: { ...MEANT, buttons: chosen.map((b) => b.id) } })}
          >{t`hold them`}</button>
          {' · '}
          {hand && (
            <button
              type="button"
              className={parts.dotted}
              onClick={() => into({ buttons: chosen.map((b) => b.id), allBut: true })}
            >{t`everything but these into it`}</button>
          )}
        </p>
      )}
      {mayEdit && hand && (
        <>
          <p>
            <Trans>
              Tap a word, or drag across words: they go into <strong>{t`step ${numberOf(plan, hand.id)}, ${hand.name}`}</strong>; once more takes them out.
              Choose another step below the board.
            </Trans>
          </p>
          <h3>{t`Put many into it`}</h3>
          <p className={css.many}>
            <button type="button" className={parts.dotted} onClick={() => into({ board: board.id })}>{t`all of this board`}</button>
            {opens && <button type="button" className={parts.dotted} onClick={() => into({ board: board.id, andOpened: true })}>{t`and all it opens`}</button>}
            <DottedChoice
              label={t`All words of a kind`}
              items={kinds.map((k) => ({ key: k.kind, label: k.many }))}
              onChoose={(kind) => into({ kind: kind as Kind })}
            >{t`all of a kind`}</DottedChoice>
            <button type="button" className={parts.dotted} onClick={() => setTyping(true)}>{t`a list of words`}</button>
          </p>
        </>
      )}
      {mayEdit && (
        <>
          <h3>{t`This whole board`}</h3>
          <p className={css.many}>
            <span>
              {here?.shown} {t`of`} {here?.words} {t`words shown`}
            </span>
            <button
              type="button"
              className={parts.dotted}
              onClick={() => setHolding({ what: `the board ${board.name}`, words: { ...MEANT, board: board.id } })}
            >{t`hold all`}</button>
            {opens && (
              <button
                type="button"
                className={parts.dotted}
                onClick={() => setHolding({ what: `${board.name} and all it opens`, words: { ...MEANT, board: board.id, andOpened: true } })}
              >{t`hold it and all it opens`}</button>
            )}
            {board.buttons.some((b) => b.hidden && !b.left) && (
              <button
                type="button"
                className={parts.dotted}
                onClick={() => void onEdit({ type: 'let-go', words: { ...MEANT, board: board.id } })}
              >{t`let all go`}</button>
            )}
          </p>
        </>
      )}
      <HeldList view={view} mayEdit={mayEdit} onEdit={onEdit} onShow={onShow} />
      {mayEdit && view.student && (
        <p>
          <PlainButton onClick={onFacts}>{t`Hold words by a fact…`}</PlainButton>
        </p>
      )}
      <WorthALook view={view} board={board} revealed={revealed} mayEdit={mayEdit} hand={hand?.id} onEdit={onEdit} />
      {holding && (
        <HoldForm
          what={holding.what}
          onClose={() => setHolding(undefined)}
          onHold={(reason, until) => onEdit({ type: 'hold-words', words: holding.words, reason, until, fact: false })}
        />
      )}
      {typing && hand && (
        <WordList
          view={view}
          step={t`step ${numberOf(plan, hand.id)}, ${hand.name}`}
          onClose={() => setTyping(false)}
          onPut={(words) => {
            setTyping(false);
            into({ words });
          }}
        />
      )}
    </section>
  );
}

/** How a plan begins. */
function Begin({ view, onEdit, onPropose }: { view: VocabularyView; onEdit: (edit: Intention) => Promise<unknown>; onPropose: () => void }) {
  return (
    <div className={css.begin}>
      <p>{t`Show a few words first, and open the others over weeks. Begin with`}</p>
      <PlainButton type="primary" onClick={onPropose}>
        {t`A plan proposed for ${view.student?.name ?? t`this student`}`}
      </PlainButton>
      <PlainButton onClick={() => void onEdit({ type: 'add-step', name: t`First words` })}>{t`No word yet: tap those to show`}</PlainButton>
      <PlainButton
        onClick={() => void onEdit({ type: 'add-step', name: t`Words so far`, words: MEANT })}
      >{t`All words of today: new ones can wait`}</PlainButton>
    </div>
  );
}

function OneWord({
  view,
  button,
  revealed,
  mayEdit,
  onEdit,
  onHold,
}: {
  view: VocabularyView;
  button: Button;
  revealed: Revealed;
  mayEdit: boolean;
  onEdit: (edit: Intention) => Promise<unknown>;
  onHold: () => void;
}) {
  const { plan } = view;
  const number = numberOf(plan, button.step ?? undefined);
  const why = whyKept(plan, button, revealed.kept[button.id]);
  const words = { ...MEANT, buttons: [button.id] };
  return (
    <p className={css.word} role="status">
      <strong dir="auto">{button.label || t`This picture`}</strong> {why ?? (number > 0 ? t`is shown since step ${number}` : t`is shown`)}
      {onlyOpens(button) && !button.step && plan.steps.length > 0 && t`; it follows what is on the board it opens`}.{' '}
      {revealed.leadsNowhereYet.includes(button.id) && t`It speaks, and does not open its board while nothing there is shown. `}
      {mayEdit && plan.steps.length > 0 && (
        <DottedChoice
          label={t`Choose its step`}
          items={[...plan.steps.map((s, i) => ({ key: s.id, label: `${i + 1}. ${s.name}` })), { key: '', label: t`no step: it waits` }]}
          onChoose={(step) => void onEdit({ type: 'put-in-step', words, step: step || undefined })}
        >
          {number > 0 ? t`step ${number}` : t`choose a step`}
        </DottedChoice>
      )}
      {' · '}
      {mayEdit &&
        !button.left &&
        (button.hidden ? (
          <button type="button" className={parts.dotted} onClick={() => void onEdit({ type: 'let-go', words })}>{t`let it go`}</button>
        ) : (
          <button type="button" className={parts.dotted} onClick={onHold}>{t`hold it`}</button>
        ))}
    </p>
  );
}

/** What somebody might wonder about. */
function WorthALook({
  view,
  board,
  revealed,
  mayEdit,
  hand,
  onEdit,
}: {
  view: VocabularyView;
  board: Board;
  revealed: Revealed;
  mayEdit: boolean;
  hand?: string;
  onEdit: (edit: Intention) => Promise<unknown>;
}) {
  const waiting = view.counts.inNoStep;
  const hidden = board.buttons.filter((b) => revealed.kept[b.id] === 'NOTHING_BEHIND');
  const homeless = board.buttons.filter((b) => revealed.kept[b.id] === 'WAITS' && numberOf(view.plan, b.step ?? undefined) === 0);
  if (waiting === 0 && hidden.length === 0) return null;
  return (
    <>
      <h3>{t`Worth a look`}</h3>
      {hidden.length > 0 && (
        <p>
          {hidden.length === 1
            ? t`“${hidden[0].label}” opens to no shown word, so its button is hidden too, until one is.`
            : t`${hidden.map((b) => `“${b.label}”`).join(', ')} open to no shown word, so their buttons are hidden too, until one is.`}
        </p>
      )}
      {waiting > 0 && (
        <p>
          {homeless.length > 0
            ? plural(waiting, {
                one: `# word is in no step of the plan, ${homeless.length} on this board.`,
                other: `# words are in no step of the plan, ${homeless.length} of them on this board.`,
              })
            : plural(waiting, { one: '# word is in no step of the plan.', other: '# words are in no step of the plan.' })}{' '}
          {mayEdit && hand && homeless.length > 0 && (
            <button
              type="button"
              className={parts.dotted}
              onClick={() => void onEdit({ type: 'put-in-step', words: { ...MEANT, buttons: homeless.map((b) => b.id) }, step: hand })}
            >
              {t`put these into step ${numberOf(view.plan, hand)}`}
            </button>
          )}
        </p>
      )}
    </>
  );
}
