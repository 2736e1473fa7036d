import { plural, t } from '@lingui/core/macro';
import { Alert, Checkbox, Input, Modal, Select } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { sentence } from '../../api/client';
import type { VocabularyView } from '../../api/types';
import { shortDay } from '../../shell/time';
import { copyFor, copyingAsks } from '../../data/starters';
import { caseload } from '../../data/students';
import { startsFirst } from '../../data/typed';
import dialogs from './dialogs.module.css';
import { may } from '../../data/may';
import parts from '../../shell/parts.module.css';

/** A copy of a vocabulary as it is today: to be safe, or for another student. */
export function CopyFor({ view, onClose }: { view: VocabularyView; onClose: () => void }) {
  const own = view.student?.id ?? '';
  const [student, setStudent] = useState(own);
  const [name, setName] = useState(`${view.name.slice(0, 60)}, ${shortDay()}`);
  const [note, setNote] = useState('');
  const [withoutPeople, setWithoutPeople] = useState(true);
  const [made, setMade] = useState<{ vocabulary: number; name: string; left: number }>();
  const [problem, setProblem] = useState('');
  const { data: students = [] } = useQuery(caseload);
  const other = student !== own;
  const { data: asked } = useQuery({ ...copyingAsks(student, view.id), enabled: other });
  const whose = students.find((s) => s.student.id === student)?.student.name ?? t`the other student`;

  async function make() {
    try {
      setMade(await copyFor(student, { vocabulary: view.id, name, note: note.trim() || undefined, withoutPeople: other && withoutPeople }));
    } catch (error) {
      setProblem(sentence(error));
    }
  }
  if (made) {
    return (
      <Modal open title={t`The copy is made`} onCancel={onClose} onOk={onClose} okText={t`Good`} cancelButtonProps={{ hidden: true }} width={480}>
        <p role="status">
          {t`“${made.name}” holds what stands here today; nothing done here later changes it.`}{' '}
          {made.left > 0 && t`${plural(made.left, { one: '# picture', other: '# pictures' })} stayed behind.`}
        </p>
        <p>
          <Link to={`/vocabularies/${made.vocabulary}`}>{t`Look at it`}</Link>
        </p>
      </Modal>
    );
  }
  return (
    <Modal open title={t`Keep a copy`} onCancel={onClose} okText={t`Make the copy`} cancelText={t`Leave it`} onOk={() => void make()} width={520}>
      <div className={dialogs.person}>
        <label>
          {t`For`}
          <Select
            aria-label={t`For whom`}
            showSearch
            optionFilterProp="label"
            filterSort={startsFirst}
            value={student}
            onChange={(id: string) => {
              setStudent(id);
              setName(id === own ? `${view.name.slice(0, 60)}, ${shortDay()}` : t`${students.find((s) => s.student.id === id)?.student.name ?? ''}’s words`);
            }}
            options={students
              .filter((s) => may(s, 'CHANGE'))
              .map((s) => ({ value: s.student.id, label: s.student.id === own ? t`${s.student.name}, to be safe` : s.student.name }))}
          />
        </label>
        <label>
          {t`Its name`} <Input value={name} maxLength={80} onChange={(e) => setName(e.target.value)} />
        </label>
        <label>
          {t`Note`} <Input value={note} maxLength={400} placeholder={t`why it is made, if you like`} onChange={(e) => setNote(e.target.value)} />
        </label>
        {other && asked && asked.people > 0 && (
          <div>
            <Checkbox checked={withoutPeople} onChange={(e) => setWithoutPeople(e.target.checked)}>
              {plural(asked.people, {
                one: 'Leave # photo that may show somebody behind',
                other: 'Leave # photos that may show somebody behind',
              })}
            </Checkbox>
          </div>
        )}
        {other && asked && asked.staying > 0 && (
          <p className={parts.quiet}>
            {plural(asked.staying, {
              one: `# picture is not for ${whose} and will stay behind; the words go along.`,
              other: `# pictures are not for ${whose} and will stay behind; the words go along.`,
            })}
          </p>
        )}
        {problem && <Alert type="warning" showIcon title={problem} />}
      </div>
    </Modal>
  );
}
