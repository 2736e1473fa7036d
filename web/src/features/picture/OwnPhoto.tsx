import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Alert, Button, Radio } from 'antd';
import { useState } from 'react';
import { Camera } from './Camera';
import type { PhotoInHand } from './photoInHand';
import { showsOptions, staysHere, type Shows } from './shows';
import { accepted } from './TakeIn';
import { useFiles } from '../../shell/files';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';
import { WhoUses } from './WhoUses';
import { useFileAddress } from './fileAddress';
import { WithoutGround } from './WithoutGround';
import { Glued } from '../../shell/Glued';

/**
 * A photo or a drawing of one's own: from a file, dropped, pasted or from the camera. It asks who may use it.
 *
 * `onTake`: for a dialog without a button of its own, or that goes on after it; else the dialog's button takes it along.
 */
export function OwnPhoto({ photo, onTake }: { photo: PhotoInHand; onTake?: { words: string; take: () => void } }) {
  const [choose, field] = useFiles(t`A picture file`, accepted, ([chosen]) => photo.setFile(chosen));
  const [camera, setCamera] = useState(false);
  const { file } = photo;
  return (
    <section className={css.ownPhoto} aria-label={t`A picture of your own`}>
      {field}
      {file ? (
        <About key={`${file.name} ${file.size}`} file={file} photo={photo} onTake={onTake} />
      ) : (
        <p>
          <Trans>
            Your own:{' '}
            <button type="button" className={parts.dotted} onClick={choose}>
              a file
            </button>
            ,{' '}
            <Glued after=",">
              <button type="button" className={parts.dotted} onClick={() => setCamera(true)}>
                the camera
              </button>
            </Glued>{' '}
            or drop or paste one here.
          </Trans>
        </p>
      )}
      {camera && (
        <Camera
          onClose={() => setCamera(false)}
          onPhoto={(taken) => {
            setCamera(false);
            photo.setFile(taken);
          }}
        />
      )}
    </section>
  );
}

function About({ file, photo, onTake }: { file: File; photo: PhotoInHand; onTake?: { words: string; take: () => void } }) {
  const address = useFileAddress(file);
  const [unseen, setUnseen] = useState(false);
  const { student } = photo;
  return (
    <div className={css.takeOne}>
      {address && !unseen ? <img src={address} alt={file.name} onError={() => setUnseen(true)} /> : <small>{file.name}</small>}
      <div>
        <WithoutGround ground={photo.ground} file={file} />
        <div className={css.field}>
          <span>{t`Who may use it`}</span>
          <WhoUses student={student} audience={photo.audience} onChange={photo.setAudience} />
        </div>
        <div className={css.field}>
          <span>{t`It shows`}</span>
          <Radio.Group
            aria-label={t`It shows`}
            value={photo.shows}
            onChange={(e) => photo.setShows(e.target.value as Shows)}
            options={showsOptions(photo.audience === 'STUDENT' ? student?.name : undefined)}
          />
          <small className={parts.quiet}>{staysHere(photo.shows)}</small>
        </div>
        {photo.problem && <Alert type="warning" showIcon title={photo.problem} />}
        <p className={parts.sentenceButtons}>
          {onTake && (
            <Button type="primary" autoFocus loading={photo.busy} onClick={onTake.take}>
              {onTake.words}
            </Button>
          )}
          <button type="button" className={parts.dotted} onClick={() => photo.setFile(undefined)}>{t`another one, or none`}</button>
        </p>
      </div>
    </div>
  );
}
