import { plural, t } from '@lingui/core/macro';
import { Alert, Button, Checkbox, Form, Input, Modal } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { sentence } from '../../api/client';
import { accounts, keeping, makeAccount } from '../../data/accounts';
import { answered } from '../../shell/answered';
import parts from '../../shell/parts.module.css';
import css from './account.module.css';

/** Who can sign in at this school, and making an account for somebody; of students it tells numbers alone. */
export function Accounts({ onClose }: { onClose: () => void }) {
  const queries = useQueryClient();
  const { data = [], error } = useQuery(accounts);
  const changing = useMutation({
    mutationFn: ({ signIn, keeps }: { signIn: string; keeps: boolean }) => keeping(signIn, keeps),
    onSuccess: (now) => {
      answered(queries, accounts.queryKey, now);
      void queries.invalidateQueries({ queryKey: ['session'] });
    },
  });
  const failed = error ?? changing.error;
  return (
    <Modal open title={t`Who can sign in`} width={720} onCancel={onClose} footer={<Button onClick={onClose}>{t`Close`}</Button>}>
      <p className={parts.quiet}>{t`Whoever looks after the accounts sees accounts and numbers. What a student has is for that student’s team alone.`}</p>
      {failed && <Alert type="error" showIcon title={sentence(failed)} className={parts.gapBelow} />}
      <ul className={css.accounts} aria-label={t`Accounts`}>
        {data.map(({ account, students }) => (
          <li key={account.id}>
            <span>
              <strong>{account.name}</strong>
              {account.work && `, ${account.work}`}
            </span>
            <span className={parts.quiet}>{t`signs in as ${account.signIn}`}</span>
            <span className={parts.quiet}>{plural(students, { 0: 'no student', one: '# student', other: '# students' })}</span>
            <Checkbox
              checked={account.admin}
              disabled={changing.isPending}
              aria-label={t`${account.name} looks after the accounts`}
              onChange={(e) => changing.mutate({ signIn: account.signIn, keeps: e.target.checked })}
            >{t`looks after the accounts`}</Checkbox>
          </li>
        ))}
      </ul>
      <NewAccount />
    </Modal>
  );
}

function NewAccount() {
  const queries = useQueryClient();
  const [form] = Form.useForm<{ signIn: string; name: string; work: string; password: string }>();
  const making = useMutation({
    mutationFn: makeAccount,
    onSuccess: () => {
      form.resetFields();
      void queries.invalidateQueries({ queryKey: accounts.queryKey });
    },
  });
  return (
    <Form form={form} layout="vertical" requiredMark={false} onFinish={making.mutate} className={css.newAccount} aria-label={t`A new account`}>
      <h3>{t`An account for somebody`}</h3>
      {making.isError && <Alert type="error" showIcon title={sentence(making.error)} className={parts.gapBelow} />}
      {making.isSuccess && <p role="status">{t`${making.data.name} can sign in as “${making.data.signIn}” now. Tell the password to nobody else.`}</p>}
      <div className={css.pairs}>
        <Form.Item label={t`Name`} name="name" initialValue="">
          <Input autoComplete="off" />
        </Form.Item>
        <Form.Item label={t`What he or she is here, such as teacher`} name="work" initialValue="">
          <Input autoComplete="off" />
        </Form.Item>
        <Form.Item label={t`Name to sign in with`} name="signIn" initialValue="">
          <Input autoComplete="off" />
        </Form.Item>
        <Form.Item label={t`First password, at least 8 characters`} name="password" initialValue="">
          <Input type="password" autoComplete="new-password" />
        </Form.Item>
      </div>
      <Button htmlType="submit" loading={making.isPending}>{t`Make the account`}</Button>
    </Form>
  );
}
