import { t } from '@lingui/core/macro';
import { Modal } from 'antd';
import { PictureSearch, usePhotoInHand } from '../picture';
import parts from '../../shell/parts.module.css';

/** The photo, or any other picture, that stands beside a student's name on the sheets of a class. One click keeps it. */
export function PhotoOf({
  name,
  photo,
  student,
  onKeep,
  onClose,
}: {
  name: string;
  photo?: string;
  student?: { id: string; name: string };
  onKeep: (photo?: string) => void;
  onClose: () => void;
}) {
  const inHand = usePhotoInHand(student);
  return (
    <Modal open title={t`A photo of ${name}`} footer={null} onCancel={onClose} width={620}>
      <p>
        {t`It stands beside the name on each of the sheets of ${name}.`}
        {photo && (
          <>
            {' '}
            <button type="button" className={parts.dotted} onClick={() => onKeep(undefined)}>{t`No photo`}</button>
          </>
        )}
      </p>
      <PictureSearch word={name} photo={inHand} take={t`Put it on the sheets`} language="en" chosen={photo ? [photo] : []} onChoose={onKeep} />
    </Modal>
  );
}
