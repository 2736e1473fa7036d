import { t } from '@lingui/core/macro';
import { Input, Modal } from 'antd';
import { useState } from 'react';
import css from './reveal.module.css';

/** Why words are held, and perhaps until when. */
export function HoldForm({ what, onHold, onClose }: { what: string; onHold: (reason: string, until?: string) => Promise<unknown>; onClose: () => void }) {
  const [reason, setReason] = useState('');
  const [until, setUntil] = useState<string>();
  const [busy, setBusy] = useState(false);
  /** What is typed stays until it is kept. */
  const hold = () => {
    setBusy(true);
    void onHold(reason.trim(), until).then((done) => (done ? onClose() : setBusy(false)));
  };
  return (
    <Modal open title={t`Hold ${what} back`} onCancel={onClose} okText={t`Hold`} cancelText={t`Leave it`} onOk={hold} confirmLoading={busy} width={480}>
      <div className={css.form}>
        <p>{t`Held words are not shown, whatever the step. Nothing moves: their cells stay empty until you let them go.`}</p>
        <label>
          {t`Why`}{' '}
          <Input
            autoFocus
            value={reason}
            maxLength={200}
            onChange={(e) => setReason(e.target.value)}
            onPressEnter={hold}
            placeholder={t`asks for it all day`}
          />
        </label>
        <label>
          {t`Until, if there is an end; you are reminded then`}
          <input type="date" value={until ?? ''} onChange={(e) => setUntil(e.target.value || undefined)} />
        </label>
      </div>
    </Modal>
  );
}
