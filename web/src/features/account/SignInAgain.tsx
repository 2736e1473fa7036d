import { t } from '@lingui/core/macro';
import { Modal } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { answer, client, onSessionEnd } from '../../api/client';
import { session } from '../../data/session';
import { SignInForm } from './SignIn';

/** When a session ends in the middle of work: asks for the password over the page, then what was asked for goes on. */
export default function SignInAgain() {
  const [asking, setAsking] = useState(false);
  const waiting = useRef<(() => void)[]>([]);
  const { data } = useQuery(session);

  useEffect(() => {
    onSessionEnd(async () => {
      // Asking the server who is signed in also fetches the token that the next change must carry.
      const now = await answer(client.GET('/api/session'));
      if (now.account) return;
      setAsking(true);
      await new Promise<void>((resolve) => waiting.current.push(resolve));
    });
    return () => onSessionEnd(undefined);
  }, []);

  const goOn = () => {
    setAsking(false);
    waiting.current.splice(0).forEach((go) => go());
  };

  return (
    <Modal open={asking} footer={null} closable={false} title={t`Sign in again`} destroyOnHidden>
      <p>{t`You were signed out after a while. Nothing was lost: once you are back, what you were doing goes on.`}</p>
      <SignInForm known={data?.account?.signIn} then={goOn} />
    </Modal>
  );
}
