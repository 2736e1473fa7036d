import { t } from '@lingui/core/macro';
import { Button as PlainButton, Modal } from 'antd';
import type { Button } from '../../api/types';
import type { Conflict } from './bench';
import { saysAndDoes } from './buttonWords';
import { Card } from '../../drawn/Card';
import bench from '../../shell/bench.module.css';
import parts from '../../shell/parts.module.css';

/** Two people changed the same thing: both values side by side, and the choice is this person's. */
export function ConflictDialog({ conflict, onSettle }: { conflict: Conflict; onSettle: (how: 'theirs' | 'mine' | 'the one before') => void }) {
  const { sentence, wish, yours, theirs } = conflict;
  return (
    <Modal
      open
      title={'base' in wish ? t`Somebody else changed this too` : wish.what === 'undo' ? t`This cannot be taken back now` : t`This cannot be made again now`}
      onCancel={() => onSettle('theirs')}
      footer={null}
    >
      <p>{sentence}</p>
      {(theirs || yours) && (
        <div className={bench.both}>
          <Side title={t`Theirs, kept`} button={theirs} />
          <Side title={'base' in wish ? t`Yours, not made yet` : t`As it would become`} button={yours} />
        </div>
      )}
      <div className={parts.sentenceButtons}>
        <PlainButton type="primary" onClick={() => onSettle('theirs')}>{t`Keep theirs`}</PlainButton>
        {'base' in wish && (
          <PlainButton onClick={() => onSettle('mine')}>{wish.what === 'words' ? t`Put mine in the next empty cell` : t`Make mine after all`}</PlainButton>
        )}
        {wish.what === 'undo' && <PlainButton onClick={() => onSettle('the one before')}>{t`Leave it, and take back the one before`}</PlainButton>}
      </div>
    </Modal>
  );
}

function Side({ title, button }: { title: string; button?: Button }) {
  return (
    <figure>
      <figcaption>{title}</figcaption>
      <div className={bench.bothCard}>{button ? <Card button={button} /> : <p className={parts.quiet}>{t`no button there`}</p>}</div>
      {button && <p className={parts.quiet}>{saysAndDoes(button)}</p>}
    </figure>
  );
}
