import { t } from '@lingui/core/macro';
import { Alert, AutoComplete, Button as PlainButton, Checkbox, Form, Input, Modal, Select } from 'antd';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { Fact, Intention, Proposal } from '../../api/types';
import { Pic } from '../../drawn/art';
import { MEANT } from '../../data/plan';
import { addFact, facts, factTopics, proposals, removeFact, SORTS, tickedFirst } from '../../data/facts';
import css from './fact.module.css';
import parts from '../../shell/parts.module.css';
import { answered } from '../../shell/answered';

interface Props {
  student: { id: string; name: string };
  /** The vocabulary whose words a fact is about, and the step new words are shown at. */
  vocabulary?: { id: number; version: number; step?: string };
  onEdit: (edit: Intention) => Promise<unknown>;
}

/** What is true of a student and bears on words. Only who may change the boards sees it. */
export function Facts({ student, vocabulary, onEdit }: Props) {
  const queries = useQueryClient();
  const { data: all = [] } = useQuery(facts(student.id));
  const [adding, setAdding] = useState(false);
  const [proposing, setProposing] = useState<Fact>();
  return (
    <>
      {all.length === 0 && <p className={parts.quiet}>{t`Nothing yet. An allergy, a diet, what ${student.name} likes: a fact finds the words it is about.`}</p>}
      <ul className={css.facts} aria-label={t`Facts`}>
        {all.map((f) => (
          <li key={f.id}>
            <div>
              <strong>{f.sentence}</strong>
              {f.note && <span> · {f.note}</span>}
              <p className={parts.quiet}>{f.saidBy ? t`said by ${f.saidBy}, written down by ${f.by}` : t`written down by ${f.by}`}</p>
            </div>
            <span className={css.doors}>
              {vocabulary && <button type="button" className={parts.dotted} onClick={() => setProposing(f)}>{t`its words`}</button>}
              <button
                type="button"
                className={parts.dotted}
                aria-label={t`Remove the fact ${f.sentence}`}
                onClick={() => void removeFact(student.id, f.id).then((left) => answered(queries, facts(student.id).queryKey, left))}
              >{t`remove`}</button>
            </span>
          </li>
        ))}
      </ul>
      <p>
        <button type="button" className={parts.dotted} onClick={() => setAdding(true)}>{t`add a fact`}</button>
      </p>
      {adding && (
        <FactForm
          student={student}
          onClose={() => setAdding(false)}
          onAdded={(fact) => {
            setAdding(false);
            void queries.invalidateQueries({ queryKey: ['facts', student.id] });
            if (vocabulary) setProposing(fact);
          }}
        />
      )}
      {proposing && vocabulary && <Proposed vocabulary={vocabulary} fact={proposing} onClose={() => setProposing(undefined)} onEdit={onEdit} />}
    </>
  );
}

type Told = Pick<Fact, 'what' | 'about' | 'note' | 'saidBy'>;
const NOTHING_TOLD: Told = { what: 'ALLERGY', about: '', note: '', saidBy: '' };

function FactForm({ student, onAdded, onClose }: { student: Props['student']; onAdded: (fact: Fact) => void; onClose: () => void }) {
  const { data: topics = [] } = useQuery(factTopics);
  const [form] = Form.useForm<Told>();
  const what = Form.useWatch('what', form) ?? NOTHING_TOLD.what;
  const about = Form.useWatch('about', form);
  const [problem, setProblem] = useState('');
  const sort = SORTS.find((s) => s.what === what)!;
  const food = what === 'ALLERGY' || what === 'DIET' || what === 'FOOD_RULE';
  async function add() {
    try {
      onAdded(await addFact(student.id, form.getFieldsValue()));
    } catch (error) {
      setProblem(sentence(error));
    }
  }
  return (
    <Modal
      open
      title={t`A fact about ${student.name}`}
      onCancel={onClose}
      okText={t`Keep it, and look for its words`}
      cancelText={t`Leave it`}
      onOk={() => void add()}
      width={520}
    >
      <Form form={form} component={false} initialValues={NOTHING_TOLD}>
        <div className={css.form}>
          <label>
            {t`It is`}{' '}
            <Form.Item name="what" noStyle>
              <Select aria-label={t`What sort of fact`} options={SORTS.map((s) => ({ value: s.what, label: s.name }))} />
            </Form.Item>
          </label>
          <label>
            {sort.about.charAt(0).toUpperCase() + sort.about.slice(1)}
            <Form.Item name="about" noStyle normalize={(typed?: string) => typed ?? ''}>
              <AutoComplete
                autoFocus
                aria-label={sort.about}
                onInputKeyDown={(e) => {
                  if (e.key === 'Enter' && !e.defaultPrevented) void add();
                }}
                options={
                  food && about
                    ? topics
                        .filter((t) => t.startsWith(about.toLowerCase()))
                        .slice(0, 8)
                        .map((value) => ({ value }))
                    : []
                }
                defaultActiveFirstOption={false}
              />
            </Form.Item>
          </label>
          <label>
            {t`A note, if you like`}{' '}
            <Form.Item name="note" noStyle>
              <Input maxLength={400} />
            </Form.Item>
          </label>
          <label>
            {t`Who said so`}{' '}
            <Form.Item name="saidBy" noStyle>
              <Input maxLength={80} placeholder={t`the family, the school nurse`} />
            </Form.Item>
          </label>
          <p className={parts.quiet}>{t`Only who may change ${student.name}’s boards sees facts. They are in no export, no print and no share.`}</p>
          {problem && <Alert type="warning" showIcon title={problem} />}
        </div>
      </Form>
    </Modal>
  );
}

const SURE: Record<Proposal['sure'], string> = { SURE: t`sure`, LIKELY: t`likely`, PERHAPS: t`perhaps` };

/** The words a fact is about, to be ticked. */
function Proposed({
  vocabulary,
  fact,
  onEdit,
  onClose,
}: {
  vocabulary: NonNullable<Props['vocabulary']>;
  fact: Fact;
  onEdit: Props['onEdit'];
  onClose: () => void;
}) {
  const { data } = useQuery(proposals(vocabulary.id, vocabulary.version, fact.id));
  const [chosen, setChosen] = useState<string[]>();
  const ticked = chosen ?? tickedFirst(data ?? []);
  const toHold = data?.filter((p) => p.does === 'HOLD' && ticked.includes(p.button)) ?? [];
  const forward = data?.filter((p) => p.does === 'BRING_FORWARD' && ticked.includes(p.button)) ?? [];
  async function doIt() {
    if (toHold.length > 0) await onEdit({ type: 'hold-words', words: { ...MEANT, buttons: toHold.map((p) => p.button) }, reason: fact.sentence, fact: true });
    if (forward.length > 0 && vocabulary.step)
      await onEdit({ type: 'put-in-step', words: { ...MEANT, buttons: forward.map((p) => p.button) }, step: vocabulary.step });
    onClose();
  }
  const does = [toHold.length > 0 && t`Hold ${toHold.length}`, forward.length > 0 && vocabulary.step && t`Show ${forward.length} from now`]
    .filter(Boolean)
    .join(', ');
  return (
    <Modal
      open
      title={fact.sentence}
      onCancel={onClose}
      okText={does || t`Nothing is ticked`}
      okButtonProps={{ disabled: !does }}
      cancelText={t`Leave it`}
      onOk={() => void doIt()}
      width={640}
    >
      {data?.length === 0 && <p>{t`No word here is known to be about that. Held words can be chosen by hand with the reveal lens.`}</p>}
      {data && data.length > 0 && <p>{t`These words are about it, the surest first. Nothing moves: held words leave their cells empty.`}</p>}
      <ul className={css.proposed} aria-label={t`Words it is about`}>
        {data?.map((p) => (
          <li key={p.button}>
            <Checkbox
              checked={ticked.includes(p.button)}
              onChange={(e) => setChosen(e.target.checked ? [...ticked, p.button] : ticked.filter((b) => b !== p.button))}
            >
              {p.picture && <Pic id={p.picture} collected />}
              <strong dir="auto">{p.label}</strong> {p.why}{' '}
              <em>({[SURE[p.sure], p.does === 'BRING_FORWARD' && t`to be shown`, p.now === 'HELD' && t`held already`].filter(Boolean).join(', ')})</em>
              <span className={parts.quiet}> {t`on ${p.name}`}</span>
              {p.other && <span className={css.against}> {t`but: ${p.other}`}</span>}
            </Checkbox>
          </li>
        ))}
      </ul>
      {data && data.length > 0 && (
        <PlainButton size="small" onClick={() => setChosen(ticked.length === data.length ? [] : data.map((p) => p.button))}>
          {ticked.length === data.length ? t`Tick none` : t`Tick all`}
        </PlainButton>
      )}
    </Modal>
  );
}
