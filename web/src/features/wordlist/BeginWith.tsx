import { t } from '@lingui/core/macro';
import { Modal, Radio, Select } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { vocabulary as vocabularyOf } from '../../data/boards';
import { saidToday } from '../../data/saidToday';
import { caseload, vocabularies } from '../../data/students';
import type { Begun } from '../../data/lists';
import { may } from '../../data/may';
import { Several } from '../../shell/Several';
import css from './wordlist.module.css';

type What = 'boards' | 'step' | 'since' | 'said';

/** A list that begins with words of a student’s boards: of some boards, of a step of the plan, what is new to see since a day, or what was said today. */
export function BeginWith({ onBegin, onClose }: { onBegin: (wanted: Begun) => Promise<boolean>; onClose: () => void }) {
  const rows = (useQuery(caseload).data ?? []).filter((r) => r.vocabulary && may(r, 'CHANGE'));
  const [student, setStudent] = useState<string>();
  const row = rows.find((r) => r.student.id === student) ?? rows[0];
  const { data: all = [] } = useQuery({ ...vocabularies(row?.student.id ?? ''), enabled: row !== undefined });
  const [chosen, setChosen] = useState<number>();
  const id = chosen ?? row?.vocabulary?.id;
  const { data: view } = useQuery({ ...vocabularyOf(id ?? 0), enabled: id !== undefined });
  const [what, setWhat] = useState<What>('boards');
  const [boards, setBoards] = useState<string[]>([]);
  const [step, setStep] = useState<string>();
  const [since, setSince] = useState('');
  const steps = view?.plan.steps ?? [];
  const atStep = steps.find((s) => s.id === step) ?? steps[(view?.plan.at ?? 1) - 1];
  const some = view?.boards.filter((b) => boards.includes(b.id)) ?? [];
  const said = saidToday(view?.id);
  const ready = view && (what === 'boards' ? some.length > 0 : what === 'step' ? atStep !== undefined : what === 'said' ? said.length > 0 : since !== '');

  function begin() {
    if (!view || !row) return;
    const whose = { student: row.student.id, vocabulary: view.id };
    const wanted: Begun =
      what === 'boards'
        ? {
            ...whose,
            boards: some.map((b) => b.id),
            name: some
              .map((b) => b.name)
              .join(', ')
              .slice(0, 80),
          }
        : what === 'step'
          ? { ...whose, step: atStep?.id, name: t`Words of “${atStep?.name}”` }
          : what === 'said'
            ? { ...whose, buttons: said, name: t`Said today by ${row.student.name}` }
            : { ...whose, since, name: t`New words for ${row.student.name}` };
    void onBegin(wanted).then((done) => done && onClose());
  }
  return (
    <Modal
      open
      title={t`Begin with words of boards`}
      onCancel={onClose}
      okText={t`Begin`}
      cancelText={t`Leave it`}
      okButtonProps={{ disabled: !ready }}
      onOk={begin}
      width={560}
    >
      <div className={css.beginWith}>
        <label>
          {t`Whose`}
          <Select
            aria-label={t`Student`}
            value={row?.student.id}
            onChange={(s) => {
              setStudent(s);
              setChosen(undefined);
              setBoards([]);
              setStep(undefined);
            }}
            options={rows.map((r) => ({ value: r.student.id, label: r.student.name }))}
          />
        </label>
        {all.length > 1 && (
          <label>
            {t`Which vocabulary`}
            <Select
              aria-label={t`Vocabulary`}
              value={id}
              onChange={(v) => {
                setChosen(v);
                setBoards([]);
                setStep(undefined);
              }}
              options={all.map((v) => ({ value: v.vocabulary, label: v.name }))}
            />
          </label>
        )}
        <Radio.Group
          value={what}
          onChange={(e) => setWhat(e.target.value as What)}
          className={css.radios}
          options={[
            { value: 'boards', label: t`what is shown of some boards` },
            { value: 'step', label: t`the words of a step${steps.length === 0 ? t`: its plan has none` : ''}`, disabled: steps.length === 0 },
            { value: 'since', label: t`what is new to see since a day` },
            { value: 'said', label: t`what was said today on this device${said.length === 0 ? t`: nothing yet` : ''}`, disabled: said.length === 0 },
          ]}
        />
        {what === 'boards' && (
          <Several
            aria-label={t`Boards`}
            placeholder={t`Choose boards`}
            optionFilterProp="label"
            value={boards}
            onChange={setBoards}
            options={view?.boards.map((b) => ({ value: b.id, label: b.name })) ?? []}
          />
        )}
        {what === 'step' && (
          <Select aria-label={t`Step`} value={atStep?.id} onChange={setStep} options={steps.map((s, i) => ({ value: s.id, label: `${i + 1}. ${s.name}` }))} />
        )}
        {what === 'since' && <input type="date" aria-label={t`Since`} value={since} onChange={(e) => setSince(e.target.value)} />}
      </div>
    </Modal>
  );
}
