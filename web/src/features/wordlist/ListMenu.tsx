import { t } from '@lingui/core/macro';
import { App, Dropdown, Modal } from 'antd';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { PrintedFor, WordList } from '../../api/types';
import { DottedText } from '../../shell/Dotted';
import { useWork } from '../job';
import { Credits, PutOnBoard } from '../picture';
import { creditsOfList } from '../../data/pictures';
import { dayAndTime } from '../../shell/time';
import { bookAsBoards, deleteList, epubOf, nameVersion, printList, useBegin, versions, type Act } from '../../data/lists';
import css from './wordlist.module.css';
import { may } from '../../data/may';
import parts from '../../shell/parts.module.css';

/** What else can be done with a list. */
export function ListMenu({
  view,
  printedFor,
  people,
  page,
  onAct,
}: {
  view: WordList;
  printedFor: PrintedFor;
  /** How many photos of it may show somebody. */
  people: number;
  page: number;
  onAct: (act: Act) => Promise<WordList | undefined>;
}) {
  const { modal } = App.useApp();
  const begin = useBegin();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [history, setHistory] = useState(false);
  const [putting, setPutting] = useState(false);
  const [credits, setCredits] = useState(false);
  const [start, working] = useWork(t`Save it`);
  const mayEdit = may(view, 'CHANGE');
  const away = `/api/lists/${view.id}`;

  function remove() {
    modal.confirm({
      title: t`Delete “${view.name}”?`,
      content: t`For 30 days it can be had back, under “what was deleted” on the caseload.`,
      okText: t`Delete`,
      cancelText: t`Leave it`,
      onOk: async () => {
        await deleteList(view.id);
        void queries.invalidateQueries({ queryKey: ['lists'] });
        void navigate('/lists');
      },
    });
  }
  const items = [
    ...(may(view, 'TAKE') ? [{ key: 'copy', label: t`Begin a new list with these words` }] : []),
    ...(view.words.length > 0
      ? [
          { key: 'board', label: t`Put these on a student’s boards…` },
          {
            key: 'png',
            label: <a href={`${away}/sheet.png?page=${page}&printedFor=${printedFor}`} target="_blank" rel="noreferrer">{t`This sheet as a picture (.png)`}</a>,
          },
          ...(view.pupils.length > 0 ? [{ key: 'zip', label: t`One PDF for each student (.zip)` }] : []),
          ...(may(view, 'TAKE')
            ? [
                {
                  key: 'obf',
                  label: (
                    <a href={`${away}/board.obf`} download>
                      {people > 0 ? t`The words as a board, without photos of people (.obf)` : t`The words as a board (.obf)`}
                    </a>
                  ),
                },
                ...(people > 0
                  ? [
                      {
                        key: 'obf with people',
                        label: <a href={`${away}/board.obf?people=true`} download>{t`The words as a board, with photos of people (.obf)`}</a>,
                      },
                    ]
                  : []),
                { key: 'epub', label: people > 0 ? t`A book for any reader, without photos of people (.epub)` : t`A book for any reader (.epub)` },
                ...(people > 0 ? [{ key: 'epub with people', label: t`A book for any reader, with photos of people (.epub)` }] : []),
                { key: 'package', label: people > 0 ? t`A book as boards, without photos of people (.obz)` : t`A book as boards, a page each (.obz)` },
                ...(people > 0 ? [{ key: 'package with people', label: t`A book as boards, with photos of people (.obz)` }] : []),
                {
                  key: 'csv',
                  label: <a href={`${away}/words.csv`} download>{t`The words as a table (.csv)`}</a>,
                },
              ]
            : []),
        ]
      : []),
    ...(view.words.some((w) => w.pictures.length > 0) ? [{ key: 'credits', label: t`Whose the pictures are` }] : []),
    { key: 'history', label: t`What happened` },
    ...(mayEdit
      ? [
          { key: 'shelf', label: view.shared ? t`Take it from the school’s shelf` : t`Put it on the school’s shelf` },
          { key: 'delete', label: t`Delete the list…` },
        ]
      : []),
  ];
  return (
    <>
      <Dropdown
        trigger={['click']}
        menu={{
          items,
          onClick: ({ key }) => {
            if (key === 'copy') void begin({ from: view.id, student: view.student?.id, name: t`${view.name}, again`.slice(0, 80) });
            else if (key === 'credits') setCredits(true);
            else if (key === 'zip') start(() => printList(view.id, true, printedFor));
            else if (key.startsWith('epub')) start(() => epubOf(view.id, key !== 'epub'));
            else if (key.startsWith('package')) start(() => bookAsBoards(view.id, key !== 'package'));
            else if (key === 'history') setHistory(true);
            else if (key === 'shelf') void onAct({ what: 'share', on: !view.shared });
            else if (key === 'board') setPutting(true);
            else if (key === 'delete') remove();
          },
        }}
      >
        <button type="button" className={parts.door} aria-label={t`More to do with this list`}>
          …
        </button>
      </Dropdown>
      {working}
      {credits && <Credits of={creditsOfList(view.id)} name={view.name} onClose={() => setCredits(false)} />}
      {putting && (
        <PutOnBoard
          words={view.words.map((w) => ({ word: w.text || t`picture`, picture: w.pictures[0] }))}
          suggested={view.name}
          onClose={() => setPutting(false)}
        />
      )}
      {history && <ListHistory view={view} onAct={onAct} onClose={() => setHistory(false)} />}
    </>
  );
}

function ListHistory({ view, onAct, onClose }: { view: WordList; onAct: (act: Act) => Promise<WordList | undefined>; onClose: () => void }) {
  const { data = [] } = useQuery(versions(view.id, view.version));
  const queries = useQueryClient();
  return (
    <Modal open title={t`What happened to ${view.name}`} footer={null} onCancel={onClose} width={640}>
      <ol className={css.history} aria-label={t`What happened, the latest first`}>
        {data.map((v) => (
          <li key={v.number}>
            <span>
              {v.by} {v.what} <span className={parts.quiet}>{dayAndTime(v.madeAt)}</span>{' '}
              {(v.name || may(view, 'CHANGE')) && (
                <DottedText
                  label={t`Name of version ${v.number}`}
                  value={v.name ?? ''}
                  shown={v.name ? `“${v.name}”` : t`name it`}
                  disabled={!may(view, 'CHANGE')}
                  onKeep={(name) =>
                    void nameVersion(view.id, v.number, name).then(() => queries.invalidateQueries({ queryKey: ['list', view.id, 'versions'] }))
                  }
                />
              )}
            </span>
            {may(view, 'CHANGE') && v.number !== view.version && (
              <button
                type="button"
                className={parts.dotted}
                onClick={() => void onAct({ what: 'back', number: v.number }).then((done) => done && onClose())}
              >{t`as it was then`}</button>
            )}
          </li>
        ))}
      </ol>
    </Modal>
  );
}
