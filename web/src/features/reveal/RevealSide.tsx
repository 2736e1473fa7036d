import { Button as PlainButton, Input, Modal, Select } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { Board, Button, Intention, Kind, Meant, Revealed, VocabularyView } from '../../api/types';
import { DottedChoice } from '../board/Dotted';
import { kinds } from '../board/kindNames';
import { wordsOf } from '../board/list';
import { Pic } from '../picture/art';
import { caseload, glances } from '../student/students';
import { dayOf } from '../../shell/time';
import { HoldForm } from './HoldForm';
import { heldWords, inNoStep, isWay, MEANT, numberOf, onlyOpens, stepNow, stepWords, whyKept } from './plan';
import css from './reveal.module.css';
import bench from '../board/bench.module.css';
import parts from '../../shell/parts.module.css';

interface Props {
  view: VocabularyView; board: Board; button?: Button; chosen: Button[]; mayEdit: boolean; revealed: Revealed;
  /** Id of the step that takes what is tapped. */
  inHand?: string;
  onEdit: (edit: Intention) => void; onShow: (board: string, cell: { row: number; column: number }) => void; onPropose: () => void; onFacts: () => void;
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
  const into = (words: Partial<Meant>) => hand && onEdit({ type: 'put-in-step', words: { ...MEANT, ...words }, step: hand.id });
  return (
    <section className={bench.buttonSentence} aria-label="Reveal">
      <h2>{view.student?.name ?? 'The student'} sees {view.counts.shown} of {view.counts.words} words</h2>
      <p className={parts.quiet}>{now ? `Step ${plan.at}, ${now.name}.` : 'There is no plan: everything is shown that is not held.'} Nothing moves when a word is shown or held.</p>
      {view.counts.shown === 0 && <p role="status"><strong>No word is shown now.</strong> Whoever talks with this sees empty boards; tap a word to show it.</p>}
      {mayEdit && !now && <Begin view={view} onEdit={onEdit} onPropose={onPropose} />}
      {one && !isWay(one) && <OneWord view={view} button={one} revealed={revealed} mayEdit={mayEdit} onEdit={onEdit}
        onHold={() => setHolding({ what: one.label || 'this picture', words: { ...MEANT, buttons: [one.id] } })} />}
      {one && isWay(one) && <p>The ways back and home are always shown, so that nobody is left on a board with no way out.</p>}
      {mayEdit && chosen.length > 1 && <p><strong>{chosen.length} buttons chosen:</strong>{' '}
        {hand && <><button type="button" className={parts.dotted} onClick={() => into({ buttons: chosen.map((b) => b.id) })}>into step {numberOf(plan, hand.id)}</button>{' · '}</>}
        <button type="button" className={parts.dotted} onClick={() => setHolding({ what: `${chosen.length} words`, words: { ...MEANT, buttons: chosen.map((b) => b.id) } })}>hold them</button>{' · '}
        {hand && <button type="button" className={parts.dotted} onClick={() => into({ buttons: chosen.map((b) => b.id), allBut: true })}>everything but these into it</button>}
      </p>}
      {mayEdit && hand && (
        <>
          <p>Tap a word, or drag across words: they go into <strong>step {numberOf(plan, hand.id)}, {hand.name}</strong>; once more takes them out. Choose another step below the board.</p>
          <h3>Put many into it</h3>
          <p className={css.many}>
            <button type="button" className={parts.dotted} onClick={() => into({ board: board.id })}>all of this board</button>
            {opens && <button type="button" className={parts.dotted} onClick={() => into({ board: board.id, andOpened: true })}>and all it opens</button>}
            <DottedChoice label="All words of a kind" items={kinds.map((k) => ({ key: k.kind, label: k.sentence.replace(/^an? (.*) word$/, '$1 words') }))}
              onChoose={(kind) => into({ kind: kind as Kind })}>all of a kind</DottedChoice>
            <button type="button" className={parts.dotted} onClick={() => setTyping(true)}>a list of words</button>
          </p>
        </>
      )}
      {mayEdit && (
        <>
          <h3>This whole board</h3>
          <p className={css.many}>
            <span>{here?.shown} of {here?.words} words shown</span>
            <button type="button" className={parts.dotted} onClick={() => setHolding({ what: `the board ${board.name}`, words: { ...MEANT, board: board.id } })}>hold all</button>
            {opens && <button type="button" className={parts.dotted} onClick={() => setHolding({ what: `${board.name} and all it opens`, words: { ...MEANT, board: board.id, andOpened: true } })}>hold it and all it opens</button>}
            {board.buttons.some((b) => b.hidden && !b.left) && <button type="button" className={parts.dotted} onClick={() => onEdit({ type: 'let-go', words: { ...MEANT, board: board.id } })}>let all go</button>}
          </p>
        </>
      )}
      <Held view={view} mayEdit={mayEdit} onEdit={onEdit} onShow={onShow} />
      {mayEdit && view.student && <p><PlainButton onClick={onFacts}>Hold words by a fact…</PlainButton></p>}
      <WorthALook view={view} board={board} revealed={revealed} mayEdit={mayEdit} hand={hand?.id} onEdit={onEdit} />
      {holding && <HoldForm what={holding.what} onClose={() => setHolding(undefined)}
        onHold={(reason, until) => { setHolding(undefined); onEdit({ type: 'hold-words', words: holding.words, reason, until, fact: false }); }} />}
      {typing && hand && <WordList view={view} step={`step ${numberOf(plan, hand.id)}, ${hand.name}`} onClose={() => setTyping(false)} onPut={(words) => { setTyping(false); into({ words }); }} />}
    </section>
  );
}

/** How a plan begins. */
function Begin({ view, onEdit, onPropose }: { view: VocabularyView; onEdit: (edit: Intention) => void; onPropose: () => void }) {
  return (
    <div className={css.begin}>
      <p>Show a few words first, and open the others over weeks. Begin with</p>
      <PlainButton type="primary" onClick={onPropose}>A plan proposed for {view.student?.name ?? 'this student'}</PlainButton>
      <PlainButton onClick={() => onEdit({ type: 'add-step', name: 'First words' })}>No word yet: tap those to show</PlainButton>
      <PlainButton onClick={() => onEdit({ type: 'add-step', name: 'Words so far', words: MEANT })}>All words of today: new ones can wait</PlainButton>
    </div>
  );
}

function OneWord({ view, button, revealed, mayEdit, onEdit, onHold }: { view: VocabularyView; button: Button; revealed: Revealed; mayEdit: boolean; onEdit: (edit: Intention) => void; onHold: () => void }) {
  const { plan } = view;
  const number = numberOf(plan, button.step ?? undefined);
  const why = whyKept(plan, button, revealed.kept[button.id]);
  const words = { ...MEANT, buttons: [button.id] };
  return (
    <p className={css.word} role="status">
      <strong dir="auto">{button.label || 'This picture'}</strong> {why ?? (number > 0 ? `is shown since step ${number}` : 'is shown')}
      {onlyOpens(button) && !button.step && plan.steps.length > 0 && '; it follows what is on the board it opens'}.{' '}
      {revealed.leadsNowhereYet.includes(button.id) && 'It speaks, and does not open its board while nothing there is shown. '}
      {mayEdit && plan.steps.length > 0 && <DottedChoice label="Choose its step" items={[...plan.steps.map((s, i) => ({ key: s.id, label: `${i + 1}. ${s.name}` })), { key: '', label: 'no step: it waits' }]}
        onChoose={(step) => onEdit({ type: 'put-in-step', words, step: step || undefined })}>{number > 0 ? `step ${number}` : 'choose a step'}</DottedChoice>}{' · '}
      {mayEdit && !button.left && (button.hidden ? <button type="button" className={parts.dotted} onClick={() => onEdit({ type: 'let-go', words })}>let it go</button>
        : <button type="button" className={parts.dotted} onClick={onHold}>hold it</button>)}
    </p>
  );
}

const HELD_LISTED = 6;

/** Every held word with its reason; the first few, and all at a click. */
function Held({ view, mayEdit, onEdit, onShow }: Pick<Props, 'view' | 'mayEdit' | 'onEdit' | 'onShow'>) {
  const [all, setAll] = useState(false);
  const { data = [] } = useQuery(heldWords(view.id, view.version));
  if (data.length === 0) return null;
  const reasons = new Map<string, typeof data>();
  for (const word of data) {
    const key = [word.left ? `left in ${word.left}` : word.reason ?? '', word.until, word.by, word.since].join('|');
    reasons.set(key, [...(reasons.get(key) ?? []), word]);
  }
  const groups = [...reasons.values()];
  return (
    <>
      <h3>Held back: {data.length} {data.length === 1 ? 'word' : 'words'}</h3>
      <ul className={css.held} aria-label="Held words">
        {groups.slice(0, all ? undefined : HELD_LISTED).map((group) => {
          const [first] = group;
          return (
            <li key={first.button}>
              {first.picture && <Pic id={first.picture} collected />}
              <div>
                {group.slice(0, 8).map((w, i) => <span key={w.button}>{i > 0 && ', '}<button type="button" className={parts.dotted} onClick={() => onShow(w.board, w.cell)}>{w.label || 'a picture'}</button></span>)}
                {group.length > 8 && ` and ${group.length - 8} more`}
                <p className={first.past ? css.past : parts.quiet}>{aboutHeld(first)}{mayEdit && !first.left && <> <button type="button" className={parts.dotted}
                  onClick={() => onEdit({ type: 'let-go', words: { ...MEANT, buttons: group.map((w) => w.button) } })}>let go</button></>}</p>
              </div>
            </li>
          );
        })}
      </ul>
      {groups.length > HELD_LISTED && !all && <button type="button" className={parts.dotted} onClick={() => setAll(true)}>all of them</button>}
    </>
  );
}

/** "“asks all day”, Odile, 3 March 2026, until 1 December 2026". */
export function aboutHeld(held: { reason?: string | null; fact: boolean; by?: string | null; since?: string | null; until?: string | null; past: boolean; left?: number | null }): string {
  return [held.left ? `left in ${held.left}` : held.reason ? (held.fact ? `a fact: ${held.reason}` : `“${held.reason}”`) : 'no reason given', held.by, held.since && dayOf(held.since),
    held.until && (held.past ? `was to end on ${dayOf(held.until)}` : `until ${dayOf(held.until)}`)].filter(Boolean).join(', ');
}

/** What somebody might wonder about. */
function WorthALook({ view, board, revealed, mayEdit, hand, onEdit }: { view: VocabularyView; board: Board; revealed: Revealed; mayEdit: boolean; hand?: string; onEdit: (edit: Intention) => void }) {
  const waiting = inNoStep(view);
  const hidden = board.buttons.filter((b) => revealed.kept[b.id] === 'NOTHING_BEHIND');
  const homeless = board.buttons.filter((b) => !b.step && !b.hidden && !isWay(b) && !onlyOpens(b));
  if (waiting === 0 && hidden.length === 0) return null;
  return (
    <>
      <h3>Worth a look</h3>
      {hidden.length > 0 && <p>{hidden.map((b) => `“${b.label}”`).join(', ')} {hidden.length === 1 ? 'opens to no shown word, so its button is' : 'open to no shown word, so their buttons are'} hidden too, until one is.</p>}
      {waiting > 0 && <p>{waiting} {waiting === 1 ? 'word waits' : 'words wait'} for no step of the plan{homeless.length > 0 && `, ${homeless.length} of them on this board`}.{' '}
        {mayEdit && hand && homeless.length > 0 && <button type="button" className={parts.dotted}
          onClick={() => onEdit({ type: 'put-in-step', words: { ...MEANT, buttons: homeless.map((b) => b.id) }, step: hand })}>put these into step {numberOf(view.plan, hand)}</button>}</p>}
    </>
  );
}

/** Words typed or pasted, or those of another student's step. */
function WordList({ view, step, onPut, onClose }: { view: VocabularyView; step: string; onPut: (words: string[]) => void; onClose: () => void }) {
  const [text, setText] = useState('');
  const [problem, setProblem] = useState('');
  const plans = useQuery(glances).data?.filter((g) => g.plan.steps.length > 0 && g.vocabulary !== view.id) ?? [];
  const rows = useQuery(caseload).data ?? [];
  const words = wordsOf(text.replace(/\n/g, ','));
  async function take(from: string) {
    try {
      const [vocabulary, of] = from.split(' ');
      setText((await stepWords(Number(vocabulary), of)).join(', '));
    } catch (error) {
      setProblem(sentence(error));
    }
  }
  return (
    <Modal open title={`Words into ${step}`} onCancel={onClose} okText={words.length > 0 ? `Put ${words.length} in` : 'Put in'} cancelText="Leave it" okButtonProps={{ disabled: words.length === 0 }}
      onOk={() => onPut(words)} width={560}>
      <div className={css.form}>
        <label>Type or paste them, with commas or one a line
          <Input.TextArea autoFocus rows={5} value={text} onChange={(e) => setText(e.target.value)} />
        </label>
        {plans.length > 0 && <label>Or the same as
          <Select aria-label="The same as another student’s step" placeholder="another student’s step" value={null} onSelect={(from: string | null) => { if (from) void take(from); }}
            options={plans.flatMap((g) => g.plan.steps.map((s, i) => ({ value: `${g.vocabulary} ${s.id}`, label: `${rows.find((r) => r.student.id === g.student)?.student.name}’s step ${i + 1}, ${s.name}` })))} />
        </label>}
        {problem && <p role="alert">{problem}</p>}
      </div>
    </Modal>
  );
}
