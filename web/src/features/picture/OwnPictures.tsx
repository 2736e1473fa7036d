import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { App, Button, Input } from 'antd';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useState } from 'react';
import { Link } from 'react-router';
import type { OwnAbout } from '../../api/types';
import { Pic } from '../../drawn/art';
import { Camera } from './Camera';
import { ownPictures, takeIn } from '../../data/pictures';
import { accepted, picturesOf, takeWaiting } from './TakeIn';
import { taking, useTaking } from './taking';
import { useFiles } from '../../shell/files';
import { audience, OneOwn } from './OneOwn';
import { BatchTold } from './BatchTold';
import { About } from './OwnAbout';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

/** The pictures the school has taken in itself: many at once, with what is known of them. */
export default function OwnPictures() {
  const queries = useQueryClient();
  const { message } = App.useApp();
  const own = useQuery(ownPictures);
  const [files, setFiles] = useState<File[]>(takeWaiting);
  const [over, setOver] = useState(false);
  const [camera, setCamera] = useState(false);
  const batch = useTaking();
  const [open, setOpen] = useState<number>();
  const [filter, setFilter] = useState('');
  const offer = useCallback((more: File[]) => {
    if (more.length > 0) setFiles((now) => [...now, ...more]);
  }, []);
  const [choose, field] = useFiles(t`Picture files`, accepted, offer, true);

  useEffect(() => {
    const paste = (e: ClipboardEvent) => {
      const pasted = picturesOf(e.clipboardData);
      if (pasted.length > 0) {
        e.preventDefault();
        offer(pasted);
      }
    };
    window.addEventListener('paste', paste);
    return () => window.removeEventListener('paste', paste);
  }, [offer]);

  const fresh = () => {
    void queries.invalidateQueries({ queryKey: ownPictures.queryKey });
    void queries.invalidateQueries({ queryKey: ['pictures'] });
  };
  function take(facts: Omit<OwnAbout, 'words'>, words: string[], chosen: File[]) {
    taking.take(chosen, (file) => takeIn(file, { ...facts, words }), fresh);
    setFiles([]);
  }

  const shown = (own.data ?? []).filter(
    (p) => filter.trim() === '' || [...p.about.words, ...p.about.categories].some((w) => w.toLowerCase().includes(filter.trim().toLowerCase())),
  );
  const chosen = own.data?.find((p) => p.id === open);

  return (
    <main
      className={over ? `${parts.page} ${css.pictures} ${css.over}` : `${parts.page} ${css.pictures}`}
      data-ready={own.data ? true : undefined}
      onDragOver={(e) => {
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={(e) => {
        if (e.currentTarget === e.target) setOver(false);
      }}
      onDrop={(e) => {
        e.preventDefault();
        setOver(false);
        offer(picturesOf(e.dataTransfer));
      }}
    >
      <div>
        <h1>{t`Our own pictures`}</h1>
        <div className={`${css.dropPictures} ${css.large}`}>
          {field}
          <p>
            <Trans>
              <strong>Drop photos anywhere on this page, or paste one.</strong> File names become their words. Where a photo was taken is not kept.
            </Trans>
          </p>
          <div className={parts.sentenceButtons}>
            <Button onClick={choose}>{t`Choose files`}</Button>
            <Button onClick={() => setCamera(true)}>{t`Take a photo`}</Button>
          </div>
        </div>
        {batch && <BatchTold batch={batch} onAgain={() => taking.again(fresh)} />}
        {(own.data?.length ?? 0) > 8 && (
          <Input
            allowClear
            value={filter}
            onChange={(e) => setFilter(e.target.value)}
            placeholder={t`Which of them`}
            aria-label={t`Find one of our own pictures`}
            className={css.ownFilter}
          />
        )}
        {own.data?.length === 0 && !batch && (
          <p className={parts.quiet}>{t`There are none yet. Photos of people, places and one-of-a-kind things are what a student knows best.`}</p>
        )}
        <ul className={css.tiles} aria-label={t`Our own pictures`}>
          {shown.map((p) => (
            <li key={p.id}>
              <button
                type="button"
                className={p.id === open ? `${css.tile} ${css.chosen}` : css.tile}
                aria-pressed={p.id === open}
                onClick={() => setOpen(p.id)}
              >
                <Pic id={p.picture} collected />
                <span dir="auto">{p.about.words[0]}</span>
                <small>{audience(p)}</small>
              </button>
            </li>
          ))}
        </ul>
      </div>
      <aside className={css.picturesSide}>
        <p className={css.picturesTabs}>
          <Link to="/pictures">{t`The library`}</Link>{' '}
          <Trans>
            · <strong>Our own pictures</strong>
          </Trans>
        </p>
        {chosen ? (
          <OneOwn key={`${chosen.id} ${chosen.picture}`} picture={chosen} onGone={() => setOpen(undefined)} />
        ) : (
          <p className={parts.quiet}>{t`A picture you choose is told about here, and can be changed.`}</p>
        )}
      </aside>
      {camera && (
        <Camera
          onClose={() => setCamera(false)}
          onPhoto={(file) => {
            setCamera(false);
            offer([file]);
          }}
        />
      )}
      {files.length > 0 && (
        <About
          title={files.length === 1 ? t`About this picture` : t`About these ${files.length} pictures`}
          files={files}
          onClose={() => {
            setFiles([]);
            void message.info(t`Nothing was taken in.`);
          }}
          onTake={take}
        />
      )}
    </main>
  );
}
