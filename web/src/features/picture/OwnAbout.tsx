import { t } from '@lingui/core/macro';
import { Modal } from 'antd';
import { useMemo, useState } from 'react';
import type { OwnAbout } from '../../api/types';
import { nothingKnown, Facts } from './OwnFacts';
import { useGround } from './ground';
import { Previews } from './Previews';
import { WithoutGround } from './WithoutGround';
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
  onTake: (facts: Omit<OwnAbout, 'words'>, words: string[], files: File[]) => void;
}) {
  const [facts, setFacts] = useState<OwnAbout>(nothingKnown);
  const [one, setOne] = useState(files[0]);
  const ground = useGround(one, setOne);
  const taken = useMemo(() => (files.length === 1 ? [one] : files), [files, one]);
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
      onOk={() => onTake(facts, facts.words, taken)}
    >
      <Previews files={taken} />
      {files.length === 1 && <WithoutGround ground={ground} file={one} />}
      <Facts facts={facts} onChange={setFacts} onePicture={files.length === 1} file={files[0]?.name} />
      <p className={parts.quiet}>{missing || t`The same file twice is one picture.`}</p>
    </Modal>
  );
}
