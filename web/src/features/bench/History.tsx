import { plural, t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button as PlainButton, Modal } from 'antd';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { Board, Version, VocabularyView } from '../../api/types';
import { dayNamed } from '../../shell/time';
import { BoardPicture } from '../../drawn/BoardPicture';
import { beside, nameVersion, versions } from '../../data/boards';
import { DottedText } from '../../shell/Dotted';
import { gathered } from './spells';
import dialogs from './dialogs.module.css';
import parts from '../../shell/parts.module.css';

/** What happened, day by day: who did what, any version beside today's, and the way back to it. */
export function History({
  view,
  boardId,
  mayEdit,
  onGoBack,
  onClose,
}: {
  view: VocabularyView;
  boardId: string;
  mayEdit: boolean;
  onGoBack: (version: number) => void;
  onClose: () => void;
}) {
  const queries = useQueryClient();
  const { data } = useQuery(versions(view.id, view.version));
  const [looked, setLooked] = useState<Version>();
  const [problem, setProblem] = useState('');
  async function name(version: Version, called: string) {
    try {
      await nameVersion(view.id, version.number, called);
      await queries.invalidateQueries({ queryKey: ['versions', view.id] });
    } catch (error) {
      setProblem(sentence(error));
    }
  }
  return (
    <Modal
      open
      title={looked ? t`Version ${looked.number} beside today` : t`What happened to ${view.name}`}
      onCancel={() => (looked ? setLooked(undefined) : onClose())}
      footer={null}
      width={820}
    >
      {problem && <p role="alert">{problem}</p>}
      {looked ? (
        <Beside view={view} version={looked} boardId={boardId} mayEdit={mayEdit} onGoBack={onGoBack} onBack={() => setLooked(undefined)} />
      ) : (
        <div className={dialogs.history}>
          {gathered(data ?? [], dayNamed).map((spell) => (
            <section key={spell.versions[0].number}>
              <h3>
                {spell.by}, {spell.day}
              </h3>
              <ul>
                {spell.versions.map((v) => (
                  <li key={v.number}>
                    <span>
                      {v.name && <strong>{v.name}: </strong>}
                      {v.summary}
                    </span>
                    <span className={dialogs.historyDoors}>
                      <button
                        type="button"
                        className={parts.dotted}
                        onClick={() => setLooked(v)}
                        aria-label={t`Look at version ${v.number}`}
                      >{t`look at it`}</button>
                      {mayEdit && (
                        <DottedText
                          label={t`Name version ${v.number}`}
                          value={v.name ?? ''}
                          shown={v.name ? t`another name` : t`name it`}
                          onKeep={(called) => void name(v, called)}
                        />
                      )}
                    </span>
                  </li>
                ))}
              </ul>
            </section>
          ))}
          {data && data.length > 0 && data[data.length - 1].number > 1 && (
            <p className={parts.quiet}>{t`What is older than version ${data[data.length - 1].number} is kept, and not listed here.`}</p>
          )}
        </div>
      )}
    </Modal>
  );
}

function Beside({
  view,
  version,
  boardId,
  mayEdit,
  onGoBack,
  onBack,
}: {
  view: VocabularyView;
  version: Version;
  boardId: string;
  mayEdit: boolean;
  onGoBack: (version: number) => void;
  onBack: () => void;
}) {
  const [on, setOn] = useState(boardId);
  const { data, error } = useQuery(beside(view.id, version.number, on, view.version));
  const names = new Map(view.boards.map((b) => [b.id, b.name]));
  const others = data?.boards.filter((b) => b !== on) ?? [];
  const newest = version.number === view.version;
  const called = names.get(on) ?? data?.then?.name ?? t`this board`;
  const some = others.slice(0, 6).map((b, i) => (
    <span key={b}>
      {i > 0 && ', '}
      <button type="button" className={parts.dotted} onClick={() => setOn(b)}>
        {names.get(b) ?? t`a board that is gone`}
      </button>
    </span>
  ));
  return (
    <>
      {error && <p role="alert">{sentence(error)}</p>}
      {data && (
        <>
          <p role="status">
            {newest
              ? t`This is what holds today.`
              : data.differing.length === 0
                ? t`On ${called} no button differs.`
                : plural(data.differing.length, {
                    one: `# button differs on ${called}, marked in both.`,
                    other: `# buttons differ on ${called}, marked in both.`,
                  })}
            {others.length > 0 && (
              <>
                {' '}
                {others.length > 6 ? (
                  <Trans>
                    Also on {some} and {others.length - 6} more.
                  </Trans>
                ) : (
                  <Trans>Also on {some}.</Trans>
                )}
              </>
            )}
          </p>
          <div className={dialogs.beside}>
            <Side title={t`Then`} board={data.then} differing={data.differing} none={t`This board was not there then.`} />
            <Side title={t`Today`} board={data.now} differing={data.differing} none={t`This board is no longer there.`} />
          </div>
        </>
      )}
      <div className={parts.sentenceButtons}>
        {mayEdit && !newest && <PlainButton type="primary" onClick={() => onGoBack(version.number)}>{t`Make everything as it was then`}</PlainButton>}
        <PlainButton onClick={onBack}>{t`Back to what happened`}</PlainButton>
        {mayEdit && !newest && <span className={parts.quiet}>{t`Undo brings today back.`}</span>}
      </div>
    </>
  );
}

function Side({ title, board, differing, none }: { title: string; board?: Board | null; differing: string[]; none: string }) {
  return (
    <figure>
      <figcaption>{title}</figcaption>
      {board ? <BoardPicture board={board} label={`${board.name}: ${title}`} marked={differing} /> : <p className={parts.quiet}>{none}</p>}
    </figure>
  );
}
