import { t } from '@lingui/core/macro';
import { Input, Modal, Select } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { VocabularyView } from '../../api/types';
import { wordsOf } from '../../data/typed';
import { caseload, glances } from '../../data/students';
import { stepWords } from '../../data/plan';
import css from './reveal.module.css';

/** Words typed or pasted, or those of another student's step. */
export function WordList({ view, step, onPut, onClose }: { view: VocabularyView; step: string; onPut: (words: string[]) => void; onClose: () => void }) {
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
    <Modal
      open
      title={t`Words into ${step}`}
      onCancel={onClose}
      okText={words.length > 0 ? t`Put ${words.length} in` : t`Put in`}
      cancelText={t`Leave it`}
      okButtonProps={{ disabled: words.length === 0 }}
      onOk={() => onPut(words)}
      width={560}
    >
      <div className={css.form}>
        <label>
          {t`Type or paste them, with commas or one a line`}
          <Input.TextArea autoFocus rows={5} value={text} onChange={(e) => setText(e.target.value)} />
        </label>
        {plans.length > 0 && (
          <label>
            {t`Or the same as`}
            <Select
              aria-label={t`The same as another student’s step`}
              placeholder={t`another student’s step`}
              value={null}
              onSelect={(from: string | null) => {
                if (from) void take(from);
              }}
              options={plans.flatMap((g) =>
                g.plan.steps.map((s, i) => ({
                  value: `${g.vocabulary} ${s.id}`,
                  label: t`${rows.find((r) => r.student.id === g.student)?.student.name ?? ''}’s step ${i + 1}, ${s.name}`,
                })),
              )}
            />
          </label>
        )}
        {problem && <p role="alert">{problem}</p>}
      </div>
    </Modal>
  );
}
