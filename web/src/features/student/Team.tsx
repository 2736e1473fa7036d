import { t } from '@lingui/core/macro';
import { Alert, Button, Input, Modal, Select } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { Member, Student } from '../../api/types';
import { joinTeam, leaveTeam, team } from '../../data/students';
import parts from '../../shell/parts.module.css';
import css from './students.module.css';
import { answered } from '../../shell/answered';

const roles: { value: Member['role']; label: string }[] = [
  { value: 'OWNER', label: t`owns: changes boards and this team` },
  { value: 'EDITOR', label: t`changes boards` },
  { value: 'VIEWER', label: t`looks, talks, prints and takes away` },
  { value: 'PRINTER', label: t`looks and prints` },
  { value: 'TALKER', label: t`talks, and nothing else: a tablet at home` },
];

/** Who may see a student's boards. Only an owner of the team can change it. */
export function Team({ student, owns, onClose }: { student: Student; owns: boolean; onClose: () => void }) {
  const queries = useQueryClient();
  const { data: members = [] } = useQuery(team(student.id));
  const [joining, setJoining] = useState('');
  const changing = useMutation({
    mutationFn: (change: () => Promise<Member[]>) => change(),
    onSuccess: (now) => {
      answered(queries, team(student.id).queryKey, now);
      setJoining('');
    },
  });
  return (
    <Modal open title={t`${student.name}’s team`} width={680} onCancel={onClose} footer={null}>
      <p className={parts.quiet}>{t`Nobody else can see ${student.name}’s boards.`}</p>
      {changing.isError && <Alert type="error" showIcon title={sentence(changing.error)} className={parts.gapBelow} />}
      <ul className={css.team}>
        {members.map((m) => (
          <li key={m.accountId}>
            <span>
              <strong>{m.name}</strong>, {m.work}
            </span>
            <Select
              size="small"
              value={m.role}
              options={roles}
              disabled={!owns}
              aria-label={t`What ${m.name} may do`}
              popupMatchSelectWidth={false}
              onChange={(role) => changing.mutate(() => joinTeam(student.id, m.signIn, role))}
            />
            {owns && (
              <Button
                size="small"
                type="text"
                onClick={() => changing.mutate(() => leaveTeam(student.id, m.signIn))}
                aria-label={t`Take ${m.name} off the team`}
              >{t`take off`}</Button>
            )}
          </li>
        ))}
      </ul>
      {owns && (
        <form
          className={parts.sideBySide}
          onSubmit={(e) => {
            e.preventDefault();
            if (joining.trim()) changing.mutate(() => joinTeam(student.id, joining.trim(), 'EDITOR'));
          }}
        >
          <Input
            value={joining}
            onChange={(e) => setJoining(e.target.value)}
            aria-label={t`Name somebody signs in with`}
            placeholder={t`Name somebody signs in with`}
          />
          <Button htmlType="submit">{t`Add to the team`}</Button>
        </form>
      )}
    </Modal>
  );
}
