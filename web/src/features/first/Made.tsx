import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button as PlainButton } from 'antd';
import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useState } from 'react';
import { Link, useLocation, useNavigate } from 'react-router';
import type { Board, Button, Student, VocabularyView } from '../../api/types';
import { ArtOf } from '../../drawn/art';
import { whole } from '../../drawn/layers';
import { may } from '../../data/may';
import { useUndoKeys } from '../../shell/undoKeys';
import { useEdits } from '../edit';
import { showsOptions, staysHere, type Shows } from '../picture';
import { RecordMany } from '../recording';
import { DottedChoice } from '../../shell/Dotted';
import { takesTurns } from '../../talking';
import { Bringing } from './Bringing';
import { notPutOn, takePhoto, usePhotos, type Brought } from './photos';
import { OnScreen } from './OnScreen';
import { SaysEach } from './SaysEach';
import { useSaysEach } from './sayingEach';
import { Told } from './Told';
import { Word } from './Word';
import parts from '../../shell/parts.module.css';
import css from './first.module.css';

/** The board as it grows: photos and words go to its next cells, each can be called otherwise, and is said. `free`: how many cells are empty. */
export function Made({ student, view, board, free, on }: { student: Student; view: VocabularyView; board: Board; free: number; on: string }) {
  const queries = useQueryClient();
  const { make, edit, asking } = useEdits(view.id);
  const [shows, setShows] = useState<Shows>('OTHERS');
  const begun = useLocation().state as { toSay?: string[]; said?: string[] } | null;
  const { coming, wrong, setWrong, take } = usePhotos(student.id, shows, begun?.said);
  const [recording, setRecording] = useState(begun?.toSay ?? []);
  const [says, setSays] = useSaysEach();
  const [now, setNow] = useState<Button>();
  const navigate = useNavigate();
  // Who comes back to this page later is not listened to at once.
  useEffect(() => {
    if (begun) void navigate('.', { replace: true, state: null });
  }, [begun, navigate]);
  const mayEdit = may(view, 'CHANGE');
  const step = useCallback((what: 'undo' | 'redo') => void make({ what }), [make]);
  useUndoKeys(mayEdit, step);

  async function bring(brought: Brought): Promise<boolean> {
    const taken = 'files' in brought ? await take(brought.files, free) : undefined;
    if (taken?.chosen.length === 0) return false;
    const words = 'text' in brought ? brought : { chosen: taken?.chosen };
    const changed = await make({ what: 'first words', base: view.version, board: board.id, ...words });
    if (says && changed) setRecording(changed.added);
    void queries.invalidateQueries({ queryKey: ['own-pictures'] });
    return changed !== undefined;
  }
  async function givePhoto(button: Button, file: File) {
    setWrong([]);
    try {
      const alone: Shows = button.kind === 'who' && button.label === student.name ? 'STUDENT' : shows;
      const { picture } = await takePhoto(file, { shows: alone, student: student.id, word: button.label });
      await edit({ type: 'give-picture', board: board.id, button: button.id, layers: [whole(picture.picture)] }, view.version);
    } catch (error) {
      setWrong([notPutOn(file, error)]);
    }
  }

  const words = board.buttons.filter((b) => b.leads.type === 'stays');
  const unsaid = words.filter((b) => !b.sound);
  const toSay = recording.flatMap((id) => words.find((b) => b.id === id) ?? []);
  return (
    <ArtOf art={view.art} vocabulary={view.id}>
      <main className={parts.page} data-ready aria-busy={coming > 0}>
        <div className={parts.pageHead}>
          <h1>{view.name}</h1>
          <span className={parts.quiet}>{t`on ${on}`}</span>
          <span className={parts.grow} />
          {mayEdit && words.length > 0 && (
            <Link className={parts.dotted} to={`/students/${student.id}/first/${view.id}/on`}>{t`on to a larger vocabulary`}</Link>
          )}
          <Link className={parts.door} to={`/vocabularies/${view.id}`}>{t`Boards`}</Link>
          <Link className={words.length > 0 ? `${parts.door} ${parts.primary}` : parts.door} to={`/vocabularies/${view.id}/talk`}>{t`Talk`}</Link>
        </div>
        <div className={css.first}>
          <section aria-label={t`The board`}>
            <OnScreen view={view} board={board} screen={student.screen} glows={now?.id} />
          </section>
          <section className={css.side} aria-label={t`What goes on it`}>
            {toSay.length > 0 ? (
              <RecordMany
                buttons={toSay}
                view={view}
                onNow={setNow}
                onGive={async (button, sound) => (await edit({ type: 'give-sound', board: board.id, button: button.id, sound }, view.version)) !== undefined}
                onDone={() => setRecording([])}
              />
            ) : (
              <>
                {words.length > 0 && mayEdit && (
                  <p className={parts.sentenceButtons}>
                    <PlainButton
                      type={unsaid.length > 0 ? 'primary' : 'default'}
                      onClick={() => setRecording((unsaid.length > 0 ? unsaid : words).map((b) => b.id))}
                    >
                      {unsaid.length > 0 ? plural(unsaid.length, { one: 'Say its word', other: 'Say their # words' }) : t`Say them anew`}
                    </PlainButton>
                    <span className={parts.quiet}>{t`Until then the voice reads them.`}</span>
                  </p>
                )}
                <ul className={css.words} aria-label={t`What is on it`}>
                  {words.map((b) => (
                    <Word
                      key={b.id}
                      button={b}
                      mayEdit={mayEdit}
                      photo={b.kind === 'who' ? t`a photo of ${b.label}` : t`another photo`}
                      onPhoto={(file) => void givePhoto(b, file)}
                      onLabel={(label) => void edit({ type: 'give-label', board: board.id, button: b.id, label }, view.version)}
                      onTakeOff={() => void edit({ type: 'take-off', board: board.id, button: b.id }, view.version)}
                    />
                  ))}
                </ul>
                {mayEdit && words.length > 0 && !takesTurns([board]) && (
                  <p>
                    <PlainButton
                      type="link"
                      className={parts.dotted}
                      onClick={() => void make({ what: 'first sentence', base: view.version, board: board.id })}
                    >
                      {t`a row above that says who wants: “${student.name} wants …”`}
                    </PlainButton>
                  </p>
                )}
                <Told coming={coming} wrong={wrong} />
                {mayEdit && free > 0 && <Bringing busy={coming > 0} onBring={bring} />}
                {mayEdit && free > 0 && <SaysEach says={says} onSays={setSays} />}
                {mayEdit && free > 0 && (
                  <p className={parts.quiet}>
                    <Trans>
                      The photos show{' '}
                      <DottedChoice
                        label={t`Whom the photos show`}
                        items={showsOptions(student.name).map((o) => ({ key: o.value, label: o.label }))}
                        onChoose={(key) => setShows(key as Shows)}
                      >
                        {showsOptions(student.name).find((o) => o.value === shows)!.label}
                      </DottedChoice>
                      .
                    </Trans>{' '}
                    {staysHere(shows, false)}
                  </p>
                )}
                {free === 0 && (
                  <p>
                    {t`Every cell has its word.`} <Link className={parts.dotted} to={`/students/${student.id}/first`}>{t`make another first board`}</Link>
                  </p>
                )}
              </>
            )}
          </section>
        </div>
        {asking}
      </main>
    </ArtOf>
  );
}
