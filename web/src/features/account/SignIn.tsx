import { t } from '@lingui/core/macro';
import { Alert, Button, Form, Input } from 'antd';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { answer, client, sentence } from '../../api/client';
import type { SessionView } from '../../api/types';
import { session, signIn, signInToDemo } from '../../data/session';
import css from './account.module.css';
import parts from '../../shell/parts.module.css';
import { answered } from '../../shell/answered';

/** The first page. In the demo a click is enough; on a new machine the first account is made here. */
export default function SignInPage({ view }: { view: SessionView }) {
  return (
    <main className={css.signIn} data-ready>
      <section className={css.signInCard}>
        <h1>
          <img src="/mark.svg" alt="" width={40} height={40} /> dwimble
        </h1>
        <p className={parts.quiet}>{t`Boards, vocabularies and printed supports, fitted to each student.`}</p>
        {view.firstAccount ? <FirstAccountForm /> : <SignInForm />}
        {view.demoAccounts.length > 0 && <DemoSignIn accounts={view.demoAccounts} />}
      </section>
    </main>
  );
}

function useEntering<T>(enter: (values: T) => Promise<SessionView>, then?: () => void) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: enter,
    onSuccess: (view) => {
      answered(queries, session.queryKey, view);
      then?.();
    },
  });
}

export function SignInForm({ known, then }: { known?: string; then?: () => void }) {
  const entering = useEntering((v: { signIn: string; password: string }) => signIn(v.signIn ?? '', v.password ?? ''), then);
  return (
    <Form layout="vertical" requiredMark={false} onFinish={entering.mutate} initialValues={{ signIn: known }}>
      {entering.isError && <Alert type="error" showIcon title={sentence(entering.error)} className={parts.gapBelow} />}
      <Form.Item label={t`Name you sign in with`} name="signIn">
        <Input autoComplete="username" autoFocus={!known} />
      </Form.Item>
      <Form.Item label={t`Password`} name="password">
        <Input type="password" autoComplete="current-password" autoFocus={!!known} />
      </Form.Item>
      <Button type="primary" htmlType="submit" block loading={entering.isPending}>{t`Sign in`}</Button>
    </Form>
  );
}

function DemoSignIn({ accounts }: { accounts: SessionView['demoAccounts'] }) {
  const entering = useEntering(signInToDemo);
  return (
    <div className={css.demoAccounts}>
      <h2>{t`This is the demo school`}</h2>
      <p className={parts.quiet}>{t`Everybody in it is made up. Come in as`}</p>
      {accounts
        .toSorted((a, b) => a.id - b.id)
        .map((account) => (
          <Button key={account.id} block onClick={() => entering.mutate(account.signIn)}>
            {account.name}, {account.work}
          </Button>
        ))}
    </div>
  );
}

interface FirstAccount {
  code: string;
  signIn: string;
  name: string;
  work: string;
  password: string;
}

function FirstAccountForm() {
  const making = useEntering(async (values: FirstAccount) => {
    await answer(client.POST('/api/accounts/first', { body: values }));
    return signIn(values.signIn, values.password);
  });
  return (
    <Form layout="vertical" requiredMark={false} onFinish={making.mutate}>
      <p>{t`Nobody has an account here yet. Make the first one; it can make the others.`}</p>
      {making.isError && <Alert type="error" showIcon title={sentence(making.error)} className={parts.gapBelow} />}
      <Form.Item label={t`Code, printed where the server was started`} name="code" initialValue="">
        <Input autoComplete="off" />
      </Form.Item>
      <Form.Item label={t`Your name`} name="name" initialValue="">
        <Input autoComplete="name" />
      </Form.Item>
      <Form.Item label={t`What you are here, such as teacher`} name="work" initialValue="">
        <Input />
      </Form.Item>
      <Form.Item label={t`Name you sign in with`} name="signIn" initialValue="">
        <Input autoComplete="username" />
      </Form.Item>
      <Form.Item label={t`Password, at least 8 characters`} name="password" initialValue="">
        <Input type="password" autoComplete="new-password" />
      </Form.Item>
      <Button type="primary" htmlType="submit" block loading={making.isPending}>{t`Make the account`}</Button>
    </Form>
  );
}
