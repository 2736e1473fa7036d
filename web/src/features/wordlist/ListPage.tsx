import { Trans } from '@lingui/react/macro';
import { plural, t } from '@lingui/core/macro';
import { Button as PlainButton } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { sentence } from '../../api/client';
import type { ListEdit, PrintedFor, WordList } from '../../api/types';
import { DottedText } from '../../shell/Dotted';
import { ArtOf } from '../../drawn/art';
import { session } from '../../data/session';
import { list as listQuery, useHeard, sheets as sheetsQuery, useAct, type Act } from '../../data/lists';
import { ForClass } from './ForClass';
import { ListMenu } from './ListMenu';
import { Offers } from './Offers';
import { PageSentence } from './PageSentence';
import { SupportSentence } from './Sentence';
import { SheetStage } from './SheetStage';
import { WordsColumn } from './WordsColumn';
import { useLive } from '../../shell/live';
import { useUndoKeys } from '../../shell/undoKeys';
import css from './wordlist.module.css';
import { Choice, FOR_WHOM } from '../sheet';
import { may } from '../../data/may';
import parts from '../../shell/parts.module.css';

/** Words on the left, what can be made of them beside, and the true sheet with the sentence that sets it up. */
export default function ListPage() {
  const id = Number(useParams().list);
  const { data: view, error } = useQuery(listQuery(id));
  const here = useLive('lists', id, '', useHeard(id));
  const me = useQuery(session).data?.account?.id;
  const others = here.filter((h) => h.account !== me);
  const [page, setPage] = useState(1);
  const [printedFor, setPrintedFor] = useState<PrintedFor>('TEAM');
  const make = useAct(id);
  const sheet = useQuery({ ...sheetsQuery(id, view?.version ?? 0, page, printedFor), enabled: view !== undefined });
  // What is typed stays typed: a question that fails in the background takes no page away.
  if (error && !view) {
    return (
      <main className={parts.lone}>
        <h1>{t`This list cannot be opened`}</h1>
        <p role="alert">{sentence(error)}</p>
        <Link to="/lists">{t`All lists`}</Link>
      </main>
    );
  }
  if (!view) return null;

  const act = (made: Act) => make(view.version, made);
  const edit = (made: ListEdit) => act({ what: 'edit', edit: made });
  const mayEdit = may(view, 'CHANGE');
  return (
    <ArtOf art={view.art} list={view.id}>
      <main className={css.list} data-ready={sheet.data || sheet.error ? true : undefined}>
        <section className={css.words} aria-label={t`Words`}>
          <header>
            <h1>
              <DottedText label={t`Name of the list`} value={view.name} disabled={!mayEdit} onKeep={(name) => void edit({ type: 'name', name })} />
            </h1>
            <p className={parts.quiet}>
              {plural(view.words.length, { one: '# word', other: '# words' })}
              {view.student && (
                <>
                  {' '}
                  {t`for`} <Link to={`/students/${view.student.id}`}>{view.student.name}</Link>
                </>
              )}
              {view.from && ` · ${view.from}`}
              {view.shared && t` · on the shelf`}
            </p>
          </header>
          <p>
            <Link className={parts.dotted} to={`/lists/${view.id}/pages`}>{t`show it on the screen: a day, a walk or a book`}</Link>
          </p>
          <WordsColumn view={view} onAct={act} />
        </section>
        <section className={css.make} aria-label={t`Make`}>
          <h2>{t`Make`}</h2>
          <Offers view={view} onChoose={(support) => void edit({ type: 'set-up', support })} />
        </section>
        <section className={css.stage} aria-label={t`The sheet`}>
          <div className={css.bar}>
            <span className={parts.quiet}>{t`Kept as you go · version ${view.version}`}</span>
            {others.length > 0 && (
              <span role="status" aria-label={t`Who else is here`}>
                {others.length === 1 ? (
                  <Trans>
                    <strong>{others[0].name}</strong> has this list open too
                  </Trans>
                ) : (
                  <Trans>
                    <strong>{others.map((h) => h.name).join(', ')}</strong> have this list open too
                  </Trans>
                )}
              </span>
            )}
            <span className={parts.grow} />
            {mayEdit && <Steps view={view} onAct={act} />}
            <ListMenu view={view} printedFor={printedFor} people={sheet.data?.people ?? 0} page={sheet.data?.page.number ?? 1} onAct={act} />
          </div>
          <p className={css.sentence}>
            <SupportSentence support={view.support} mayEdit={mayEdit} onSet={(support) => void edit({ type: 'set-up', support })} />{' '}
            <PageSentence
              page={view.page}
              whose={view.pupils.length > 0 ? t`each student’s` : view.student ? t`${view.student.name}’s` : null}
              beside={view.support.type === 'rules' || view.support.type === 'feelings-scale'}
              mayEdit={mayEdit}
              onSet={(made) => void edit({ type: 'page', page: made })}
            />{' '}
            <ForClass view={view} onAct={act} />{' '}
            {(sheet.data?.people ?? 0) > 0 && (
              <>
                {t`Printed`} <Choice label={t`For whom it is printed`} value={printedFor} words={FOR_WHOM} onChoose={setPrintedFor} />.
              </>
            )}{' '}
            {sheet.data && <strong>{plural(sheet.data.sheets, { one: '# sheet', other: '# sheets' })}.</strong>}{' '}
            {sheet.data?.why && <span className={parts.quiet}>{sheet.data.why}</span>} <OnScreen view={view} />
          </p>
          {sheet.data?.notes.map((note) => (
            <p key={note} className={parts.note}>
              {note}
            </p>
          ))}
          {sheet.error ? (
            <p role="alert" className={parts.note}>
              {sentence(sheet.error)}
            </p>
          ) : (
            sheet.data && (
              <SheetStage
                view={view}
                sheets={sheet.data}
                printedFor={printedFor}
                onPage={setPage}
                onArrange={(from, to) => void edit({ type: 'arrange', from, to })}
              />
            )
          )}
        </section>
      </main>
    </ArtOf>
  );
}

/** Undo and make again, also by their keys. */
/** What is printed as a story is read as a book, and a strip is a day: one touch away, without being made again. */
function OnScreen({ view }: { view: WordList }) {
  if (view.words.length === 0) return null;
  const to = (as: string) => `/lists/${view.id}/show?as=${as}`;
  const state = { back: `/lists/${view.id}` };
  if (view.support.type === 'story') return <Link className={parts.dotted} to={to('BOOK')} state={state}>{t`read it on the screen as a book`}</Link>;
  if (view.support.type === 'strip') return <Link className={parts.dotted} to={to('DAY')} state={state}>{t`show it on the screen as a day`}</Link>;
  return null;
}

function Steps({ view, onAct }: { view: WordList; onAct: (act: Act) => Promise<WordList | undefined> }) {
  useUndoKeys(true, (what) => {
    if (what === 'undo' ? view.undo : view.redo) void onAct({ what });
  });
  return (
    <>
      <PlainButton aria-label={t`Undo`} title={view.undo ?? t`Nothing to undo`} disabled={!view.undo} onClick={() => void onAct({ what: 'undo' })}>
        ↶
      </PlainButton>
      <PlainButton aria-label={t`Make again`} title={view.redo ?? t`Nothing to make again`} disabled={!view.redo} onClick={() => void onAct({ what: 'redo' })}>
        ↷
      </PlainButton>
    </>
  );
}
