import { t } from '@lingui/core/macro';
import { Button as PlainButton, Modal } from 'antd';
import { useEffect, useState } from 'react';
import { sentence } from '../../api/client';
import type { Button, VocabularyView } from '../../api/types';
import { takeRecording } from '../../data/recordings';
import { hush, playBlob } from '../../data/voice';
import { useFiles } from '../../shell/files';
import { wordsOf } from '../../talking';
import { broughtSound } from './brought';
import { Level } from './Level';
import { Outline } from './Outline';
import { useListening } from './useListening';
import { wavOf, type Wave } from './wave';
import { useWhoseVoice, WhoseVoice } from './WhoseVoice';
import css from './recording.module.css';
import parts from '../../shell/parts.module.css';

const SOUNDS = { accept: 'audio/*,.mp3,.wav,.ogg,.oga,.opus,.m4a,.aac,.webm,.flac' };

/** One button is given a recording: it listens at once, stops by itself, is heard, done again, kept; or a file is brought. */
export function RecordDialog({
  button,
  view,
  onKeep,
  onClose,
}: {
  button: Button;
  view: VocabularyView;
  onKeep: (sound: string) => void;
  onClose: () => void;
}) {
  const [made, setMade] = useState<Wave>();
  const [told, setTold] = useState('');
  const [busy, setBusy] = useState(false);
  const [tries, setTries] = useState(1);
  const [voice, setVoice] = useWhoseVoice();
  const { state, cut } = useListening(made || busy ? 0 : tries, (said) => setMade(said));
  const word = wordsOf(button) || button.label;
  useEffect(() => hush, []);

  async function bring(file: File) {
    setTold('');
    setBusy(true);
    try {
      const brought = await broughtSound(file);
      setMade(brought);
      if (brought.cut) setTold(t`The file goes on for longer than a button can say: its first 30 seconds were taken.`);
    } catch (error) {
      setTold(sentence(error));
    }
    setBusy(false);
  }

  const [choose, field] = useFiles(t`A sound from a file`, SOUNDS.accept, ([file]) => void bring(file));

  async function keep() {
    if (!made) return;
    setBusy(true);
    setTold('');
    try {
      onKeep((await takeRecording(view.id, wavOf(made), word, voice)).id);
    } catch (error) {
      setTold(sentence(error));
      setBusy(false);
    }
  }

  const hear = () => void playBlob(wavOf(made!)).catch((error: unknown) => setTold(sentence(error)));
  return (
    <Modal open title={word ? t`Record “${word}”` : t`Record this button`} onCancel={onClose} footer={null} width={480} destroyOnHidden>
      {field}
      {made ? (
        <>
          <Outline wave={made} />
          <WhoseVoice view={view} voice={voice} onVoice={setVoice} />
          <p className={parts.sentenceButtons}>
            <PlainButton type="primary" autoFocus loading={busy} onClick={() => void keep()}>{t`Keep it`}</PlainButton>
            <PlainButton onClick={hear}>{t`▶ Hear it`}</PlainButton>
            <PlainButton
              onClick={() => {
                hush();
                setTold('');
                setMade(undefined);
              }}
            >{t`Again`}</PlainButton>
          </p>
          <p className={parts.quiet}>{t`Silence at both ends is cut, and it is made as loud as all other recordings.`}</p>
        </>
      ) : (
        <>
          <Level state={state} onAgain={() => setTries(tries + 1)} />
          <p className={parts.sentenceButtons}>
            {state.what === 'open' && state.listening.began !== undefined && <PlainButton onClick={() => setMade(cut())}>{t`That is all`}</PlainButton>}
            <PlainButton onClick={choose} loading={busy}>{t`A file instead`}</PlainButton>
          </p>
        </>
      )}
      {told && (
        <p role="alert" className={css.told}>
          {told}
        </p>
      )}
    </Modal>
  );
}
