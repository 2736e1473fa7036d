import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { useState } from 'react';
import { useFiles } from '../../shell/files';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';
import { Glued } from '../../shell/Glued';

export const accepted = 'image/*,.heic,.svg';

/** Files somebody dropped, pasted or chose, on their way to be taken in. Kept outside React, as the page changes on the way. */
let waiting: File[] = [];
export const takeWaiting = () => {
  const files = waiting;
  waiting = [];
  return files;
};

export function picturesOf(data: DataTransfer | null): File[] {
  return [...(data?.files ?? [])];
}

/** The place to drop pictures: opens the page of the school's own pictures with what was dropped. */
export function DropPictures({ onTakenIn }: { onTakenIn: () => void }) {
  const [over, setOver] = useState(false);
  function take(files: File[]) {
    if (files.length === 0) return;
    waiting = files;
    onTakenIn();
  }
  const [choose, field] = useFiles(t`Picture files`, accepted, take, true);
  return (
    <div
      className={over ? `${css.dropPictures} ${css.over}` : css.dropPictures}
      onDragOver={(e) => {
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(e) => {
        e.preventDefault();
        setOver(false);
        take(picturesOf(e.dataTransfer));
      }}
    >
      {field}
      <Trans>
        Drop photos here, or{' '}
        <Glued after=",">
          <button type="button" className={parts.dotted} onClick={choose}>
            choose files
          </button>
        </Glued>{' '}
        or{' '}
        <button type="button" className={parts.dotted} onClick={onTakenIn}>
          paste one or use the camera
        </button>
        . File names become their words.
      </Trans>
    </div>
  );
}
