import { t } from '@lingui/core/macro';
import { Modal } from 'antd';
import { useState } from 'react';
import type { OwnAbout } from '../../api/types';
import { nothingKnown, Facts } from './OwnFacts';
import { Previews } from './Previews';
import parts from '../../shell/parts.module.css';

export function About({
  title,
  files,
  onClose,
  onTake,
}: {
  title: string;
  files: File[];
  onClose: () => void;
  onTake: (facts: Omit<OwnAbout, 'words'>, words: string[]) => void;
}) {
  const [facts, setFacts] = useState<OwnAbout>(nothingKnown);
  const missing =
    facts.audience === 'STUDENT' && !facts.student ? t`Choose the student.` : facts.origin === 'LICENCE' && !facts.licence.trim() ? t`Name the licence.` : '';
  return (
    <Modal
      open
      title={title}
      onCancel={onClose}
      okText={files.length === 1 ? t`Take it in` : t`Take them in`}
      cancelText={t`Leave it`}
      okButtonProps={{ disabled: missing !== '' }}
      onOk={() => onTake(facts, facts.words)}
    >
      <Previews files={files} />
      <Facts facts={facts} onChange={setFacts} onePicture={files.length === 1} file={files[0]?.name} />
      <p className={parts.quiet}>{missing || t`The same file twice is one picture.`}</p>
    </Modal>
  );
}
