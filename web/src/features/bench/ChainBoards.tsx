import { t } from '@lingui/core/macro';
import { Modal } from 'antd';
import { useState } from 'react';
import type { VocabularyView } from '../../api/types';
import { startsFirst } from '../../data/typed';
import dialogs from './dialogs.module.css';
import { Several } from '../../shell/Several';
import parts from '../../shell/parts.module.css';

/** Boards one after the other, for the steps of an activity. */
export function ChainBoards({
  view,
  begin,
  onChain,
  onClose,
}: {
  view: VocabularyView;
  begin: string;
  onChain: (boards: string[]) => Promise<boolean>;
  onClose: () => void;
}) {
  const [boards, setBoards] = useState([begin]);
  return (
    <Modal
      open
      title={t`A chain of boards`}
      onCancel={onClose}
      okText={t`Chain them`}
      cancelText={t`Leave it`}
      onOk={() =>
        void onChain(boards).then((done) => {
          if (done) onClose();
        })
      }
      okButtonProps={{ disabled: boards.length < 2 }}
      width={560}
    >
      <div className={dialogs.person}>
        <label>
          {t`One after the other`}
          <Several
            autoFocus
            aria-label={t`Boards of the chain, in order`}
            value={boards}
            onChange={setBoards}
            optionFilterProp="label"
            filterSort={startsFirst}
            options={view.boards.map((b) => ({ value: b.id, label: b.name }))}
          />
        </label>
        <p className={parts.quiet}>{t`Each gets a button “next”, the last one “first again”, in a cell that is free on all of them.`}</p>
      </div>
    </Modal>
  );
}
