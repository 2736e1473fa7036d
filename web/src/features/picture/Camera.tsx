import { t } from '@lingui/core/macro';
import { Button, Modal } from 'antd';
import { useEffect, useRef, useState } from 'react';
import css from './pictures.module.css';

type State = { what: 'asking' } | { what: 'showing' } | { what: 'refused'; sentence: string };

const NO_CAMERA_HERE: State = {
  what: 'refused',
  sentence: t`This browser gives no page the camera over an address that is not safe (https). Take the photo with the device itself, then choose the file.`,
};

/** Takes a photo with the camera of the device. */
export function Camera({ onPhoto, onClose }: { onPhoto: (file: File) => void; onClose: () => void }) {
  const video = useRef<HTMLVideoElement>(null);
  const [state, setState] = useState<State>(() => (navigator.mediaDevices ? { what: 'asking' } : NO_CAMERA_HERE));

  useEffect(() => {
    let stream: MediaStream | undefined;
    let gone = false;
    async function open() {
      try {
        const opened = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment', width: { ideal: 1280 } } });
        if (gone) {
          opened.getTracks().forEach((t) => t.stop());
          return;
        }
        stream = opened;
        if (video.current) video.current.srcObject = opened;
      } catch (error) {
        setState({ what: 'refused', sentence: whyNot(error) });
      }
    }
    if (navigator.mediaDevices) void open();
    return () => {
      gone = true;
      stream?.getTracks().forEach((t) => t.stop());
    };
  }, []);

  function shoot() {
    const from = video.current!;
    const canvas = document.createElement('canvas');
    canvas.width = from.videoWidth;
    canvas.height = from.videoHeight;
    canvas.getContext('2d')!.drawImage(from, 0, 0);
    canvas.toBlob(
      (blob) => {
        if (blob) onPhoto(new File([blob], 'photo.jpg', { type: 'image/jpeg' }));
      },
      'image/jpeg',
      0.92,
    );
  }

  return (
    <Modal open title={t`Take a photo`} onCancel={onClose} footer={null} width={640}>
      {state.what === 'refused' ? (
        <p role="alert">{state.sentence}</p>
      ) : (
        <>
          {/* Until its first picture has come there is nothing to take. */}
          <video
            ref={video}
            autoPlay
            playsInline
            muted
            className={css.camera}
            aria-label={t`What the camera sees`}
            onLoadedData={() => setState({ what: 'showing' })}
          />
          <Button type="primary" disabled={state.what !== 'showing'} onClick={shoot}>{t`Take the photo`}</Button>
        </>
      )}
    </Modal>
  );
}

function whyNot(error: unknown): string {
  const name = error instanceof DOMException ? error.name : '';
  if (name === 'NotAllowedError') return t`The camera was not allowed. Nothing was taken; allow it beside the address of this page, or choose a file instead.`;
  if (name === 'NotFoundError') return t`This device has no camera that can be used. Choose a file instead.`;
  return t`The camera cannot be used now; another program may have it. Nothing was taken; close that, or choose a file instead.`;
}
