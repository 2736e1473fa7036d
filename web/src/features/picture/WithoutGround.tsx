import { t } from '@lingui/core/macro';
import { Alert } from 'antd';
import type { Ground } from './ground';
import parts from '../../shell/parts.module.css';

/** Takes the ground away from the photo beside it, or puts it back. A drawing of lines has none. */
export function WithoutGround({ ground, file }: { ground: Ground; file: File }) {
  if (file.type === 'image/svg+xml') return null;
  return (
    <>
      <p className={parts.sentenceButtons}>
        <button type="button" className={parts.dotted} disabled={ground.busy} aria-busy={ground.busy} onClick={ground.gone ? ground.putBack : ground.takeAway}>
          {ground.gone ? t`put its ground back` : t`take its ground away, set it straight, cut it to its edges`}
        </button>
      </p>
      {ground.problem && <Alert type="warning" showIcon title={ground.problem} />}
    </>
  );
}
