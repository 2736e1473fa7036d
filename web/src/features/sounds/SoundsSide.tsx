import { t } from '@lingui/core/macro';
import { Button as PlainButton } from 'antd';
import { useRef, useState } from 'react';
import type { Board, VocabularyView } from '../../api/types';
import { hush } from '../../data/voice';
import { perform, saidAndDone, wordsOf } from '../../talking';
import bench from '../../shell/bench.module.css';

/** How many say something, and all of them heard one after the other. */
export function SoundsSide({ view, board }: { view: VocabularyView; board: Board }) {
  const [at, setAt] = useState<string>();
  const going = useRef(false);
  const saying = board.buttons.filter((b) => wordsOf(b) || b.sound);
  async function hearAll() {
    going.current = true;
    for (const button of saying) {
      if (!going.current) break;
      setAt(button.label || wordsOf(button));
      try {
        await perform(saidAndDone({ ...button, doings: [] }, []).performed, { vocabulary: view.id, locale: view.locale });
      } catch {
        break;
      }
    }
    going.current = false;
    setAt(undefined);
  }
  return (
    <section className={bench.findings} aria-label={t`Sounds`}>
      <h3>{t`What is said`}</h3>
      <p>{t`${saying.length} of ${board.buttons.length} buttons say something. A button that only opens a board, or leads home, says nothing.`}</p>
      {at === undefined ? (
        <PlainButton onClick={() => void hearAll()} disabled={saying.length === 0}>{t`Hear them all`}</PlainButton>
      ) : (
        <>
          <PlainButton
            onClick={() => {
              going.current = false;
              hush();
            }}
          >{t`Stop`}</PlainButton>{' '}
          <span role="status">{at}</span>
        </>
      )}
    </section>
  );
}
