import { t } from '@lingui/core/macro';
import { Button as PlainButton } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { sentence } from '../../api/client';
import type { Button, VocabularyView } from '../../api/types';
import { takeRecording } from '../../data/recordings';
import { wordsOf } from '../../talking';
import { Level } from './Level';
import { useListening } from './useListening';
import { wavOf, type Wave } from './wave';
import { useWhoseVoice, WhoseVoice } from './WhoseVoice';
import bench from '../../shell/bench.module.css';
import css from './recording.module.css';
import parts from '../../shell/parts.module.css';

type Fate = 'kept' | 'keeping' | { refused: string };

/**
 * Buttons recorded one after the other: each glows on the board until its word was said; it goes on by itself. What is done is kept at once, so that stopping
 * half-way keeps it.
 *
 * @param onNow  the one whose turn it is; undefined once all are done
 * @param onGive puts a recording on a button; false if it was not kept
 */
export function RecordMany({
  buttons,
  view,
  onNow,
  onGive,
  onDone,
}: {
  buttons: Button[];
  view: VocabularyView;
  onNow: (button?: Button) => void;
  onGive: (button: Button, sound: string) => Promise<boolean>;
  onDone: () => void;
}) {
  const [at, setAt] = useState(0);
  const [tries, setTries] = useState(1);
  const [fates, setFates] = useState<Record<string, Fate>>({});
  const [voice, setVoice] = useWhoseVoice();
  const keeping = useRef(Promise.resolve());
  const now = buttons.at(at);
  const fate = (id: string, of: Fate) => setFates((all) => ({ ...all, [id]: of }));

  function said(wave: Wave) {
    if (!now) return;
    setAt(next(at));
    fate(now.id, 'keeping');
    // One after the other, so that each edit is made on what the one before left.
    keeping.current = keeping.current.then(() => keep(now, wave));
  }
  async function keep(button: Button, wave: Wave) {
    try {
      const { id } = await takeRecording(view.id, wavOf(wave), wordsOf(button) || button.label, voice);
      fate(button.id, (await onGive(button, id)) ? 'kept' : { refused: t`not kept; say it again` });
    } catch (error) {
      fate(button.id, { refused: sentence(error) });
    }
  }
  /** The next that is not done yet; behind the last there is none. */
  function next(from: number): number {
    const rest = buttons.findIndex((b, i) => i > from && fates[b.id] !== 'kept' && fates[b.id] !== 'keeping');
    return rest < 0 ? buttons.length : rest;
  }
  const { state } = useListening(now ? tries : 0, said);
  const shown = useRef(onNow);
  useEffect(() => {
    shown.current = onNow;
  });
  const id = now?.id;
  useEffect(() => {
    shown.current(buttons.find((b) => b.id === id));
    // Whose turn it is counts; the buttons are the same while it goes on.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [id]);
  useEffect(() => () => shown.current(undefined), []);

  const top = useRef<HTMLElement>(null);
  useEffect(() => {
    top.current?.scrollIntoView({ block: 'start' });
    top.current?.focus();
  }, []);

  const kept = buttons.filter((b) => fates[b.id] === 'kept').length;
  return (
    <section ref={top} tabIndex={-1} aria-label={t`Recording for many`} className={bench.buttonSentence}>
      <h2 aria-live="polite">{now ? wordsOf(now) || now.label : t`All are said`}</h2>
      {now ? <Level state={state} onAgain={() => setTries(tries + 1)} /> : <p role="status">{t`${kept} of ${buttons.length} are recorded.`}</p>}
      <WhoseVoice view={view} voice={voice} onVoice={setVoice} />
      <p className={parts.sentenceButtons}>
        {now && <PlainButton onClick={() => setAt(next(at))}>{t`Skip this one`}</PlainButton>}
        <PlainButton type={now ? 'default' : 'primary'} onClick={onDone}>
          {now ? t`Stop here` : t`Done`}
        </PlainButton>
      </p>
      <ul className={css.words} aria-label={t`What is recorded`}>
        {buttons.map((b, i) => (
          <li key={b.id} className={i === at ? css.now : undefined} aria-current={i === at}>
            <span dir="auto">{wordsOf(b) || b.label}</span>
            <Told fate={fates[b.id]} />
            {i !== at && (
              <button type="button" className={parts.dotted} onClick={() => setAt(i)}>
                {fates[b.id] ? t`again` : t`now`}
              </button>
            )}
          </li>
        ))}
      </ul>
      <p className={parts.quiet}>{t`Each is kept as soon as it is said. Each can be taken back by Undo.`}</p>
    </section>
  );
}

function Told({ fate }: { fate?: Fate }) {
  if (fate === undefined) return null;
  if (fate === 'kept') return <span>{t`✓ recorded`}</span>;
  if (fate === 'keeping') return <span>{t`being kept`}</span>;
  return <span role="alert">{fate.refused}</span>;
}
