import { t } from '@lingui/core/macro';
import { Checkbox, Modal } from 'antd';
import { useState } from 'react';
import type { ListedWord } from '../../api/types';
import { Pic } from '../../drawn/art';
import { PictureSearch, usePhotoInHand } from '../picture';
import css from './wordlist.module.css';
import chooser from '../../shell/chooser.module.css';
import parts from '../../shell/parts.module.css';

const MOST = 4;

/** Another picture for a word of a list, or several side by side; its text stays. One picture clicked is kept at once. */
export function WordPictures({
  word,
  student,
  onKeep,
  onClose,
}: {
  word: ListedWord;
  student?: { id: string; name: string };
  onKeep: (word: ListedWord) => void;
  onClose: () => void;
}) {
  const [pictures, setPictures] = useState(word.pictures);
  const [not, setNot] = useState(word.not);
  const [adding, setAdding] = useState(false);
  const kept = (chosen: string[]) => ({ ...word, pictures: chosen, not });

  const photo = usePhotoInHand(student);

  /** Keeps what stands here, with the photo that is in hand. */
  async function keep() {
    try {
      const taken = await photo.take(word.text);
      onKeep(kept(!taken ? pictures : adding ? [...pictures, taken] : [taken, ...pictures.slice(1)]));
    } catch {
      // The photo stays in hand, and why it was not taken stands beside it.
    }
  }

  function choose(id: string) {
    if (adding) {
      setPictures([...pictures, id]);
      setAdding(false);
    } else if (pictures.length <= 1) onKeep(kept([id]));
    else setPictures([id, ...pictures.slice(1)]);
  }
  return (
    <Modal
      open
      title={t`Pictures for ${word.text || t`this word`}`}
      onCancel={onClose}
      width={820}
      okText={t`Keep`}
      cancelText={t`Leave it`}
      onOk={() => void keep()}
      confirmLoading={photo.busy}
      okButtonProps={photo.finish}
    >
      <div className={chooser.choose}>
        <PictureSearch
          word={word.text}
          photo={photo}
          take={adding || pictures.length > 1 ? t`Put it among them` : undefined}
          language="en"
          chosen={pictures}
          note={adding ? t` It is added beside.` : undefined}
          onChoose={choose}
        />
        <div>
          <ul className={css.chosen} aria-label={t`Pictures of this word`}>
            {pictures.map((p, i) => (
              <li key={`${p} ${i}`}>
                <Pic id={p} collected />
                <button type="button" className={parts.dotted} onClick={() => setPictures(pictures.filter((_, at) => at !== i))}>{t`take away`}</button>
              </li>
            ))}
          </ul>
          <div className={chooser.chooseDoors}>
            <button
              type="button"
              className={parts.dotted}
              aria-pressed={adding}
              disabled={pictures.length >= MOST || pictures.length === 0}
              onClick={() => setAdding(!adding)}
            >
              {adding ? t`replace instead` : t`add another picture`}
            </button>
            <Checkbox checked={not} onChange={(e) => setNot(e.target.checked)}>{t`crossed out: not this`}</Checkbox>
          </div>
        </div>
      </div>
    </Modal>
  );
}
