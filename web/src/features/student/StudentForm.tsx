import { t } from '@lingui/core/macro';
import { Alert, Button, Checkbox, Form, Input, InputNumber, Modal, Select } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { Appearance, Student } from '../../api/types';
import { AppearanceFields } from '../picture';
import { addStudent, changeStudent, screenName, screens, studentChanged, type StudentFacts } from '../../data/students';
import parts from '../../shell/parts.module.css';

interface Values {
  name?: string;
  schoolYear?: number | null;
  className?: string;
  screen: string;
  look: Appearance['look'];
  tone: Appearance['tone'];
  hair: Appearance['hair'];
  placesKept?: boolean;
}

/** Adds a student, or changes the facts of one. */
export function StudentForm({ student, onClose, onKept }: { student?: Student; onClose: () => void; onKept?: (kept: Student) => void }) {
  const queries = useQueryClient();
  const { data: usual } = useQuery(screens);
  /** As it was when this was opened: what is changed here is changed from that. */
  const [seen] = useState(student);
  const choices = (usual ?? []).concat(
    student && usual && !usual.some((s) => s.name === screenName(student.screen, usual))
      ? [{ name: screenName(student.screen, usual), screen: student.screen }]
      : [],
  );
  const keeping = useMutation({
    mutationFn: (values: Values) => {
      const facts: StudentFacts = {
        name: values.name ?? '',
        schoolYear: values.schoolYear ?? undefined,
        className: values.className ?? '',
        screen: choices.find((s) => s.name === values.screen)!.screen,
        appearance: { look: values.look, tone: values.tone, hair: values.hair },
        placesKept: values.placesKept,
        voice: seen?.voice,
        hand: seen?.hand,
      };
      return seen ? changeStudent(seen, facts) : addStudent(facts);
    },
    onSuccess: (kept) => {
      studentChanged(queries, kept.id);
      onClose();
      onKept?.(kept);
    },
  });
  if (!usual) return null;
  return (
    <Modal open title={student ? t`About ${student.name}` : t`Add a student`} onCancel={onClose} footer={null}>
      <Form<Values>
        layout="vertical"
        requiredMark={false}
        onFinish={keeping.mutate}
        initialValues={{
          name: student?.name,
          schoolYear: student?.schoolYear,
          className: student?.className,
          screen: student ? screenName(student.screen, usual) : t`tablet, 10 inch`,
          placesKept: student?.placesKept,
          look: 'COLOUR',
          tone: 'YELLOW',
          hair: 'USUAL',
          ...student?.appearance,
        }}
      >
        {keeping.isError && <Alert type="error" showIcon title={sentence(keeping.error)} className={parts.gapBelow} />}
        <Form.Item label={t`Name`} name="name">
          <Input autoFocus autoComplete="off" />
        </Form.Item>
        <div className={parts.sideBySide}>
          <Form.Item label={t`School year, if any`} name="schoolYear">
            <InputNumber min={0} max={14} precision={0} />
          </Form.Item>
          <Form.Item label={t`Class or group`} name="className">
            <Input autoComplete="off" />
          </Form.Item>
        </div>
        <Form.Item label={t`Talks on`} name="screen" extra={t`Cell sizes in millimetres are worked out from this screen.`}>
          <Select options={choices.map((s) => ({ value: s.name, label: s.name }))} />
        </Form.Item>
        <Form.Item name="placesKept" valuePropName="checked">
          <Checkbox>{t`Places are kept: a change that would move a shown word needs a reason`}</Checkbox>
        </Form.Item>
        <AppearanceFields />
        <Button type="primary" htmlType="submit" loading={keeping.isPending}>
          {student ? t`Keep` : t`Add`}
        </Button>
      </Form>
    </Modal>
  );
}
