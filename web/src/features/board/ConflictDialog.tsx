import { Button as PlainButton, Modal } from 'antd';
import type { Button } from '../../api/types';
import { Card } from './Card';

/** Two people changed the same button: both values side by side, and the choice is this person's. */
export function ConflictDialog({ sentence, yours, theirs, onTheirs, onYours }: {
  sentence: string; yours?: Button; theirs?: Button; onTheirs: () => void; onYours?: () => void;
}) {
  return (
    <Modal open title="Somebody else changed this too" onCancel={onTheirs} footer={null}>
      <p>{sentence}</p>
      <div className="both">
        <Side title="Theirs, kept" button={theirs} />
        <Side title="Yours, not made yet" button={yours} />
      </div>
      <div className="sentence-buttons">
        <PlainButton type="primary" onClick={onTheirs}>Keep theirs</PlainButton>
        {onYours && <PlainButton onClick={onYours}>Make mine after all</PlainButton>}
      </div>
    </Modal>
  );
}

function Side({ title, button }: { title: string; button?: Button }) {
  return (
    <figure>
      <figcaption>{title}</figcaption>
      <div className="both-card">{button ? <Card button={button} /> : <p className="quiet">no button there</p>}</div>
      {button?.says.type === 'words' && <p className="quiet">says “{button.says.text}”</p>}
    </figure>
  );
}
