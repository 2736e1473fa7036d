import { Checkbox, Input, Modal } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Button, Layer } from '../../api/types';
import { Pic } from '../picture/art';
import { LayerStage } from '../picture/LayerStage';
import { MOST_LAYERS, NOT, withPicture } from '../picture/layers';
import { Outside } from '../picture/Outside';
import { OwnPhoto } from '../picture/OwnPhoto';
import { found, used } from '../picture/pictures';
import { picturesOf } from '../picture/TakeIn';
import chooser from './chooser.module.css';
import parts from '../../shell/parts.module.css';

/** Another picture for a button, or several: begins with the button's own word. Kept when it is closed by “Keep”. */
export function PictureChooser({ button, student, language, onKeep, onClose }: {
  button: Button; student?: { id: string; name: string }; language: string; /** `everywhere`: for every button of this word, on all boards. */ onKeep: (layers: Layer[], everywhere: boolean) => void; onClose: () => void;
}) {
  const [query, setQuery] = useState(button.label);
  const [layers, setLayers] = useState(button.layers);
  const [adding, setAdding] = useState(false);
  const [at, setAt] = useState(0);
  const [file, setFile] = useState<File>();
  const [everywhere, setEverywhere] = useState(false);
  const { data } = useQuery(found({ query, most: 60, student: student?.id, language }));
  const lately = useQuery(used(student?.id));
  const asked = query.trim() !== '';
  const pictures = asked ? (data?.pictures ?? []) : (lately.data?.recent ?? []);
  const crossed = layers.some((l) => l.picture === NOT);

  function choose(id: string) {
    const chosen = withPicture(layers, id, adding, at);
    if (!adding && layers.length <= 1) {
      onKeep(chosen, everywhere);
      return;
    }
    setLayers(chosen);
    if (adding) { setAt(chosen.findLastIndex((l) => l.picture === id)); setAdding(false); }
  }

  const own = <OwnPhoto word={query || button.label} student={student} file={file} onFile={setFile}
    onTaken={(picture) => { setFile(undefined); choose(picture); }} />;
  return (
    <Modal open title={`Pictures for ${button.label || 'this button'}`} onCancel={onClose} width={820} okText="Keep" cancelText="Leave it"
      onOk={() => onKeep(layers, everywhere)}>
      <div className={chooser.choose} onDragOver={(e) => e.preventDefault()} onDrop={(e) => { e.preventDefault(); setFile(picturesOf(e.dataTransfer)[0]); }}
        onPaste={(e) => { const [pasted] = picturesOf(e.clipboardData); if (pasted) { e.preventDefault(); setFile(pasted); } }}>
        <div>
          <Input value={query} onChange={(e) => setQuery(e.target.value)} autoFocus aria-label="Find a picture by its word" size="large" />
          <p className={parts.quiet} aria-live="polite">{told(asked, query, pictures.length)}{adding ? ' It is added to what is there.' : ''}</p>
          {button.label && <Checkbox checked={everywhere} onChange={(e) => setEverywhere(e.target.checked)}>for every “{button.label}” of all boards</Checkbox>}
          {file && own}
          <ul className={chooser.pictureList}>
            {pictures.map((p) => (
              <li key={p.id}>
                <button type="button" className={layers.some((l) => l.picture === p.id) ? `${chooser.picture} ${chooser.chosen}` : chooser.picture}
                  onClick={() => choose(p.id)}>
                  <Pic id={p.id} collected />
                  <span>{p.name}</span><small>{p.why}</small>
                </button>
              </li>
            ))}
          </ul>
          {!file && own}
          <Outside word={query} onKept={choose} />
        </div>
        <div>
          <LayerStage layers={layers} at={at} onAt={setAt} onChange={setLayers} />
          <div className={chooser.chooseDoors}>
            <button type="button" className={parts.dotted} aria-pressed={adding} disabled={layers.length >= MOST_LAYERS || layers.length === 0}
              onClick={() => setAdding(!adding)}>{adding ? 'replace instead' : 'add another picture'}</button>
            <button type="button" className={parts.dotted} disabled={layers.length === 0}
              onClick={() => setLayers(crossed ? layers.filter((l) => l.picture !== NOT) : withPicture(layers, NOT, true, at))}>{crossed ? 'take the not mark off' : 'put a not mark across'}</button>
            {layers.length > 1 && <button type="button" className={parts.dotted}
              onClick={() => { setLayers(layers.filter((_, i) => i !== at)); setAt(0); }}>take this one away</button>}
            {layers.length > 0 && <button type="button" className={parts.dotted} onClick={() => onKeep([], everywhere)}>no picture, the word alone</button>}
          </div>
        </div>
      </div>
    </Modal>
  );
}

function told(asked: boolean, query: string, count: number): string {
  if (!asked) return count > 0 ? 'Put on these boards last:' : 'Type a word to find pictures for it.';
  return count === 0 ? `No picture answers to “${query}”. Try a simpler word.` : `${count} ${count === 1 ? 'picture' : 'pictures'}`;
}
