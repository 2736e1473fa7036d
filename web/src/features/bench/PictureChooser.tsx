import { t } from '@lingui/core/macro';
import { Checkbox, Modal } from 'antd';
import { useState } from 'react';
import type { Button, Layer } from '../../api/types';
import type { OnBoard } from '../../data/pictures';
import { LayerStage, PictureSearch, PutTogether, usePhotoInHand } from '../picture';
import { KeptTogether, useTogether } from './KeptTogether';
import { MOST_LAYERS, NOT, withPicture } from '../../drawn/layers';
import chooser from '../../shell/chooser.module.css';
import parts from '../../shell/parts.module.css';

/** Another picture for a button, or several: begins with the button's own word. Kept when it is closed by “Keep”. */
export function PictureChooser({
  button,
  student,
  language,
  on,
  onKeep,
  onClose,
}: {
  button: Button;
  student?: { id: string; name: string };
  language: string;
  on: OnBoard;
  /** `everywhere`: for every button of this word, on all boards. */ onKeep: (layers: Layer[], everywhere: boolean) => void;
  onClose: () => void;
}) {
  const [layers, setLayers] = useState(button.layers);
  const [adding, setAdding] = useState(false);
  const [at, setAt] = useState(0);
  const [everywhere, setEverywhere] = useState(false);
  /** Where the picture chosen next belongs, while something is being put together. */
  const [next, setNext] = useState<Omit<Layer, 'picture'>>();
  const together = useTogether(button.label, student);
  const crossed = layers.some((l) => l.picture === NOT);
  const photo = usePhotoInHand(student);
  const among = adding || layers.length > 1;

  /** Keeps what stands here, with the photo that is in hand. */
  async function keep() {
    try {
      const taken = await photo.take(button.label);
      onKeep(await together.one(taken ? withPicture(layers, taken, adding, at) : layers), everywhere);
    } catch {
      // The photo stays in hand, and what was put together stands there; why it was not kept stands beside it.
    }
  }

  function choose(id: string) {
    if (next) {
      setLayers([...layers, { picture: id, ...next }]);
      setAt(layers.length);
      setNext(undefined);
      return;
    }
    const chosen = withPicture(layers, id, adding, at);
    if (!adding && layers.length <= 1) {
      onKeep(chosen, everywhere);
      return;
    }
    setLayers(chosen);
    if (adding) {
      setAt(chosen.findLastIndex((l) => l.picture === id));
      setAdding(false);
    }
  }

  return (
    <Modal
      open
      title={t`Pictures for ${button.label || t`this button`}`}
      onCancel={onClose}
      width={820}
      okText={t`Keep`}
      cancelText={t`Leave it`}
      onOk={() => void keep()}
      confirmLoading={photo.busy || together.busy}
      okButtonProps={photo.finish}
    >
      <div className={chooser.choose}>
        <PictureSearch
          word={button.label}
          photo={photo}
          take={among || next ? t`Put it among them` : undefined}
          language={language}
          on={on}
          chosen={layers.map((l) => l.picture)}
          note={next ? t` Choose what belongs into the gap.` : adding ? t` It is added to what is there.` : undefined}
          onChoose={choose}
        >
          <PutTogether
            layers={layers}
            at={at}
            onArrange={(arranged, missing) => {
              setLayers(arranged);
              setAt(0);
              setNext(missing);
              setAdding(false);
            }}
          />
          {button.label && (
            <Checkbox checked={everywhere} onChange={(e) => setEverywhere(e.target.checked)}>{t`for every “${button.label}” of all boards`}</Checkbox>
          )}
        </PictureSearch>
        <div>
          <LayerStage layers={layers} at={at} onAt={setAt} onChange={setLayers} />
          <KeptTogether together={together} layers={layers} />
          <div className={chooser.chooseDoors}>
            <button
              type="button"
              className={parts.dotted}
              aria-pressed={adding}
              disabled={layers.length >= MOST_LAYERS || layers.length === 0}
              onClick={() => setAdding(!adding)}
            >
              {adding ? t`replace instead` : t`add another picture`}
            </button>
            <button
              type="button"
              className={parts.dotted}
              disabled={layers.length === 0}
              onClick={() => setLayers(crossed ? layers.filter((l) => l.picture !== NOT) : withPicture(layers, NOT, true, at))}
            >
              {crossed ? t`take the not mark off` : t`put a not mark across`}
            </button>
            {layers.length > 1 && (
              <button
                type="button"
                className={parts.dotted}
                onClick={() => {
                  setLayers(layers.filter((_, i) => i !== at));
                  setAt(0);
                }}
              >{t`take this one away`}</button>
            )}
            {layers.length > 0 && (
              <button type="button" className={parts.dotted} onClick={() => onKeep([], everywhere)}>{t`no picture, the word alone`}</button>
            )}
          </div>
        </div>
      </div>
    </Modal>
  );
}
