import { plural, t } from '@lingui/core/macro';
import { App, Input, Modal, Radio } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { VocabularyView } from '../../api/types';
import { bundleLook, keepBundle } from '../../data/bundles';
import { shortDay } from '../../shell/time';
import dialogs from './dialogs.module.css';
import parts from '../../shell/parts.module.css';

type Which = 'WITH_ALL' | 'ALONE' | 'ALL';

/** Boards kept under a name on the shelf of one's own, to be brought in wherever they are wanted. */
export function KeepBundle({ view, boardId, name, onClose }: { view: VocabularyView; boardId: string; name: string; onClose: () => void }) {
  const { message } = App.useApp();
  const [which, setWhich] = useState<Which>('WITH_ALL');
  const [called, setCalled] = useState(boardId === view.home ? t`Boards of ${shortDay()}` : name);
  // None are all of them.
  const boards = which === 'ALL' ? [] : [boardId];
  const { data: look } = useQuery(bundleLook(view.id, boards, which !== 'ALONE'));
  const [problem, setProblem] = useState('');
  async function keep() {
    try {
      const kept = await keepBundle(view.id, boards, which !== 'ALONE', called);
      onClose();
      void message.success(t`“${kept.name}” is on your own shelf: bring it in by “bring boards in” on any bench.`, 6);
    } catch (error) {
      setProblem(sentence(error));
    }
  }
  return (
    <Modal
      open
      title={t`Keep boards as a bundle`}
      okText={t`Keep it`}
      cancelText={t`Leave it`}
      okButtonProps={{ disabled: !called.trim() }}
      onOk={() => void keep()}
      onCancel={onClose}
      width={520}
    >
      <div className={dialogs.person}>
        <Radio.Group
          aria-label={t`Which boards`}
          value={which}
          onChange={(e) => setWhich(e.target.value as Which)}
          options={[
            { value: 'WITH_ALL', label: t`this board and all it opens` },
            { value: 'ALONE', label: t`this board alone` },
            { value: 'ALL', label: t`all boards` },
          ]}
        />
        <label>
          {t`Its name`} <Input value={called} maxLength={80} onChange={(e) => setCalled(e.target.value)} />
        </label>
        {look && (
          <p role="status">
            {plural(look.boards, { one: '# board', other: '# boards' })}, {plural(look.words, { one: '# word', other: '# words' })}.{' '}
            {look.stays > 0 &&
              plural(look.stays, {
                one: '# photo or voice may be somebody’s and stays behind; its word goes along.',
                other: '# photos and voices may be somebody’s and stay behind; their words go along.',
              })}
          </p>
        )}
        <p className={parts.quiet}>{t`It lies on your own shelf, nobody else sees it, and nothing done here later changes it.`}</p>
        {problem && <p role="alert">{problem}</p>}
      </div>
    </Modal>
  );
}
