import { t } from '@lingui/core/macro';
import { Button, Input } from 'antd';
import { useCallback, useEffect, useRef, useState } from 'react';
import { Camera, accepted } from '../picture';
import { useFiles } from '../../shell/files';
import { useDropped } from './dropped';
import type { Brought } from './photos';
import parts from '../../shell/parts.module.css';
import css from './first.module.css';

/**
 * Where photos and words are brought: dropped or pasted anywhere on the page, chosen, taken with the camera, or typed.
 *
 * @param onBring one after the other; false if it could not be put on: then what was typed stays in its field
 * @param first whether nothing else is to be done on the page: then words can be typed at once, unless that brings up a keyboard which hides it
 */
export function Bringing({
  busy,
  onBring,
  first = false,
  typed = { label: t`Or words, with commas between`, placeholder: t`or type words: crisps, more, bath` },
}: {
  busy: boolean;
  onBring: (brought: Brought) => Promise<boolean>;
  first?: boolean;
  typed?: { label: string; placeholder: string };
}) {
  const [camera, setCamera] = useState(false);
  const [text, setText] = useState('');
  const newest = useRef(onBring);
  useEffect(() => {
    newest.current = onBring;
  });
  const waiting = useRef(Promise.resolve(true));
  const bring = useCallback((brought: Brought) => (waiting.current = waiting.current.then(() => newest.current(brought))), []);
  const over = useDropped((files) => void bring({ files }));
  const [choose, field] = useFiles(t`Picture files`, accepted, (files) => void bring({ files }), true);
  return (
    <div className={over ? `${css.bringing} ${css.over}` : css.bringing} aria-busy={busy}>
      {field}
      <p>{t`Drop photos anywhere here, or paste them. File names become their words.`}</p>
      <p className={parts.sentenceButtons}>
        <Button type="primary" disabled={busy} onClick={choose}>{t`Choose photos`}</Button>
        <Button disabled={busy} onClick={() => setCamera(true)}>{t`Take a photo`}</Button>
      </p>
      <Input.Search
        autoFocus={first && window.matchMedia('(hover: hover)').matches}
        aria-label={typed.label}
        placeholder={typed.placeholder}
        enterButton={t`Put on`}
        disabled={busy}
        value={text}
        onChange={(e) => setText(e.target.value)}
        onSearch={() => {
          if (text.trim()) void bring({ text }).then((put) => put && setText(''));
        }}
      />
      {camera && (
        <Camera
          onClose={() => setCamera(false)}
          onPhoto={(file) => {
            setCamera(false);
            void bring({ files: [file] });
          }}
        />
      )}
    </div>
  );
}
