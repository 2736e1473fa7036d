import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { App, Button as PlainButton } from 'antd';
import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { sentence } from '../../api/client';
import type { Board, Button, ChosenWord, Intention, Student, VocabularyView } from '../../api/types';
import { ArtOf } from '../../drawn/art';
import { whole } from '../../drawn/layers';
import { useChanges, type Wish } from '../../data/boards';
import { caseload } from '../../data/students';
import { may } from '../../data/may';
import { useUndoKeys } from '../../shell/undoKeys';
import { showsOptions, staysHere, type Shows } from '../picture';
import { RecordMany } from '../recording';
import { DottedChoice } from '../../shell/Dotted';
import { Bringing } from './Bringing';
import { fetchLeft, type Brought } from './brought';
import { bringPhotos, takePhoto } from './photos';
import { OnScreen } from './OnScreen';
import { SaysEach } from './SaysEach';
import { useSaysEach } from './sayingEach';
import { Word } from './Word';
import parts from '../../shell/parts.module.css';
import css from './first.module.css';

/** The board as it grows: photos and words go to its next cells, each can be called otherwise, and is said. */
export function Made({ student, view, board, on }: { student: Student; view: VocabularyView; board: Board; on: string }) {
  const queries = useQueryClient();
  const { message } = App.useApp();
  const { mutateAsync } = useChanges(view.id);
  const [shows, setShows] = useState<Shows>('OTHERS');
  const [coming, setComing] = useState(0);
  const [wrong, setWrong] = useState<string[]>([]);
  const [recording, setRecording] = useState<string[]>();
  const [says, setSays] = useSaysEach();
  const [now, setNow] = useState<Button>();
  const version = useRef(view.version);
  useEffect(() => {
    version.current = view.version;
  });
  const mayEdit = may(view, 'CHANGE');
  const free = board.rows * board.columns - board.buttons.length;

  const change = useCallback(
    async (wish: Wish) => {
      try {
        const changed = await mutateAsync(wish);
        version.current = changed.vocabulary.version;
        return changed;
      } catch (error) {
        void message.error(sentence(error), 6);
        return undefined;
      }
    },
    [mutateAsync, message],
  );
  const edit = (made: Intention) => change({ what: 'edit', base: version.current, edit: made });
  const step = useCallback((what: 'undo' | 'redo') => void change({ what }), [change]);
  useUndoKeys(mayEdit, step);

  async function bring(brought: Brought) {
    setWrong([]);
    const added: string[] = [];
    const put = async (words: { text: string } | { chosen: ChosenWord[] }) => {
      const changed = await change({ what: 'first words', base: version.current, board: board.id, ...words });
      added.push(...(changed?.added ?? []));
    };
    if ('text' in brought) await put({ text: brought.text });
    else await bringFiles(brought.files, put);
    if (says && added.length > 0) setRecording(added);
  }
  async function bringFiles(files: File[], put: (words: { chosen: ChosenWord[] }) => Promise<void>) {
    const [taken, over] = [files.slice(0, free), files.slice(free)];
    if (over.length > 0)
      setWrong([
        t`This board has room for ${free} more, and these are ${files.length}. The first ${taken.length} are put on; make another first board for the others.`,
      ]);
    setComing(taken.length);
    const refused = await bringPhotos(taken, { shows, student: student.id }, async (chosen) => {
      setComing((still) => still - 1);
      if (chosen) await put({ chosen: [chosen] });
    });
    setComing(0);
    setWrong((before) => [...before, ...refused]);
    void queries.invalidateQueries({ queryKey: ['own-pictures'] });
    void queries.invalidateQueries({ queryKey: caseload.queryKey });
  }
  async function givePhoto(button: Button, file: File) {
    try {
      const alone: Shows = button.kind === 'who' && button.label === student.name ? 'STUDENT' : shows;
      const { picture } = await takePhoto(file, { shows: alone, student: student.id, word: button.label });
      await edit({ type: 'give-picture', board: board.id, button: button.id, layers: [whole(picture.picture)] });
    } catch (error) {
      setWrong([t`“${file.name}” was not put on. ${sentence(error)}`]);
    }
  }
  const first = useRef(bring);
  useEffect(() => {
    first.current = bring;
  });
  useEffect(() => {
    const brought = fetchLeft(view.id);
    if (brought) void first.current(brought);
  }, [view.id]);

  const words = board.buttons.filter((b) => b.leads.type === 'stays');
  const unsaid = words.filter((b) => !b.sound);
  const toSay = (recording ?? []).flatMap((id) => words.find((b) => b.id === id) ?? []);
  return (
    <ArtOf art={view.art} vocabulary={view.id}>
      <main className={parts.page} data-ready aria-busy={coming > 0}>
        <div className={parts.pageHead}>
          <h1>{view.name}</h1>
          <span className={parts.quiet}>{t`on ${on}`}</span>
          <span className={parts.grow} />
          <Link className={parts.door} to={`/vocabularies/${view.id}`}>{t`Boards`}</Link>
          <Link className={words.length > 0 ? `${parts.door} ${parts.primary}` : parts.door} to={`/vocabularies/${view.id}/talk`}>{t`Talk`}</Link>
        </div>
        <div className={css.first}>
          <section aria-label={t`The board`}>
            <OnScreen view={view} board={board} screen={student.screen} glows={now?.id} />
            {coming > 0 && <p role="status">{plural(coming, { one: '# photo is on its way', other: '# photos are on their way' })}</p>}
          </section>
          <section className={css.side} aria-label={t`What goes on it`}>
            {toSay.length > 0 ? (
              <RecordMany
                buttons={toSay}
                view={view}
                onNow={setNow}
                onGive={async (button, sound) => (await edit({ type: 'give-sound', board: board.id, button: button.id, sound })) !== undefined}
                onDone={() => setRecording(undefined)}
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
                      onLabel={(label) => void edit({ type: 'give-label', board: board.id, button: b.id, label })}
                      onTakeOff={() => void edit({ type: 'take-off', board: board.id, button: b.id })}
                    />
                  ))}
                </ul>
                {wrong.map((w) => (
                  <p key={w} role="alert" className={parts.note}>
                    {w}
                  </p>
                ))}
                {mayEdit && free > 0 && <Bringing busy={coming > 0} onBring={(brought) => void bring(brought)} />}
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
                    {staysHere(shows)}
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
      </main>
    </ArtOf>
  );
}
