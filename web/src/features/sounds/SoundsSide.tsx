import { plural, t } from '@lingui/core/macro';
import { Button as PlainButton } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useContext, useRef, useState } from 'react';
import type { Board, Button, VocabularyView } from '../../api/types';
import { asOfNow, DayWords } from '../../data/dayWords';
import { sounds } from '../../data/recordings';
import { hush } from '../../data/voice';
import { perform, saidAndDone, wordsOf } from '../../talking';
import { canBeRecorded, withoutRecording } from './sounds';
import bench from '../../shell/bench.module.css';

/** How many say something and by whom, what has no recording while its neighbours do, and all of them heard one after the other. */
export function SoundsSide({
  view,
  board,
  chosen,
  onRecord,
}: {
  view: VocabularyView;
  board: Board;
  chosen: Button[];
  /** Records these in turn; undefined for who only looks. */
  onRecord?: (buttons: Button[]) => void;
}) {
  const [at, setAt] = useState<string>();
  const going = useRef(false);
  const days = useContext(DayWords);
  const saying = board.buttons.filter((b) => wordsOf(b) || b.sound);
  const recorded = saying.filter((b) => b.sound).length;
  const { data: known = [] } = useQuery({ ...sounds(view.id, view.version), enabled: recorded > 0 && onRecord !== undefined });
  const voices = [...new Set(known.filter((k) => k.by && saying.some((b) => b.sound === k.id)).map((k) => k.by!))];
  const without = withoutRecording(board);
  const together = chosen.filter(canBeRecorded);
  async function hearAll() {
    going.current = true;
    for (const as of saying) {
      if (!going.current) break;
      const button = asOfNow(as, days);
      setAt(button.label || wordsOf(button));
      try {
        await perform(saidAndDone({ ...button, doings: [], how: button.how && { ...button.how, when: 'BOTH' } }, []).performed, {
          vocabulary: view.id,
          locale: view.locale,
          voice: view.student?.voice,
        });
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
      {recorded > 0 && (
        <p>
          {plural(recorded, { one: '# is heard as a recording, all others by the voice.', other: '# are heard as recordings, all others by the voice.' })}{' '}
          {voices.length > 0 && t`Recorded by ${voices.join(', ')}.`}{' '}
          {recorded > without.length && without.length > 0 && t`Without one while most have one: ${without.map((b) => b.label || wordsOf(b)).join(', ')}.`}
        </p>
      )}
      {at === undefined ? (
        <p>
          <PlainButton onClick={() => void hearAll()} disabled={saying.length === 0}>{t`Hear them all`}</PlainButton>
        </p>
      ) : (
        <p>
          <PlainButton
            onClick={() => {
              going.current = false;
              hush();
            }}
          >{t`Stop`}</PlainButton>{' '}
          <span role="status">{at}</span>
        </p>
      )}
      {onRecord && together.length > 1 && (
        <p>
          <PlainButton onClick={() => onRecord(together)}>{t`Record the ${together.length} chosen`}</PlainButton>
        </p>
      )}
      {onRecord && together.length < 2 && without.length > 0 && (
        <p>
          <PlainButton onClick={() => onRecord(without)}>
            {plural(without.length, { one: 'Record the one that has no recording', other: 'Record the # that have no recording' })}
          </PlainButton>
        </p>
      )}
    </section>
  );
}
