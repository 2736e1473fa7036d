import { t } from '@lingui/core/macro';
import { Button, Input } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { Camera, accepted, picturesOf } from '../picture';
import { useFiles } from '../../shell/files';
import { photos, typed, type Brought } from './brought';
import parts from '../../shell/parts.module.css';
import css from './first.module.css';

/** Where photos and words are brought: dropped or pasted anywhere on the page, chosen, taken with the camera, or typed. */
export function Bringing({ busy, onBring }: { busy: boolean; onBring: (brought: Brought) => void }) {
  const [over, setOver] = useState(false);
  const [camera, setCamera] = useState(false);
  const [text, setText] = useState('');
  const bring = useRef(onBring);
  useEffect(() => {
    bring.current = onBring;
  });
  useEffect(() => {
    const take = (files: File[], e: Event) => {
      if (files.length === 0) return;
      e.preventDefault();
      bring.current(photos(files));
    };
    const paste = (e: ClipboardEvent) => take(picturesOf(e.clipboardData), e);
    const drop = (e: DragEvent) => {
      setOver(false);
      take(picturesOf(e.dataTransfer), e);
    };
    const drag = (e: DragEvent) => {
      e.preventDefault();
      setOver(true);
    };
    const left = (e: DragEvent) => e.relatedTarget === null && setOver(false);
    window.addEventListener('paste', paste);
    window.addEventListener('drop', drop);
    window.addEventListener('dragover', drag);
    window.addEventListener('dragleave', left);
    return () => {
      window.removeEventListener('paste', paste);
      window.removeEventListener('drop', drop);
      window.removeEventListener('dragover', drag);
      window.removeEventListener('dragleave', left);
    };
  }, []);
  const [choose, field] = useFiles(t`Picture files`, accepted, (files) => onBring(photos(files)), true);
  return (
    <div className={over ? `${css.bringing} ${css.over}` : css.bringing} aria-busy={busy}>
      {field}
      <p>{t`Drop photos anywhere here, or paste them. File names become their words.`}</p>
      <p className={parts.sentenceButtons}>
        <Button type="primary" disabled={busy} onClick={choose}>{t`Choose photos`}</Button>
        <Button disabled={busy} onClick={() => setCamera(true)}>{t`Take a photo`}</Button>
      </p>
      <Input.Search
        aria-label={t`Or words, with commas between`}
        placeholder={t`or type words: crisps, more, bath`}
        enterButton={t`Put on`}
        disabled={busy}
        value={text}
        onChange={(e) => setText(e.target.value)}
        onSearch={() => {
          const words = typed(text);
          if (words.count === 0) return;
          onBring(words);
          setText('');
        }}
      />
      {camera && (
        <Camera
          onClose={() => setCamera(false)}
          onPhoto={(file) => {
            setCamera(false);
            onBring(photos([file]));
          }}
        />
      )}
    </div>
  );
}
