import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { keepPreviousData, queryOptions, useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { answer, client, sentence } from '../../api/client';
import type { Wish } from '../../api/types';
import { vocabulary as vocabularyQuery } from '../../data/boards';
import { useWork } from '../job';
import { session } from '../../data/session';
import { ArtOf } from '../../drawn/art';
import { controls } from './controls';
import { FOR_WHOM } from './forWhom';
import { Leaves } from './Leaves';
import parts from '../../shell/parts.module.css';
import css from './print.module.css';

type Setup = Omit<Required<Wish>, 'student'>;

const USUAL: Setup = {
  reach: 'ONE',
  what: 'BOARD',
  paper: 'A4',
  lyingDown: true,
  size: 'SCREEN',
  percent: 75,
  cutLines: false,
  ink: 'FULL',
  tabs: false,
  index: false,
  printedFor: 'TEAM',
};
const PAPERS = { A4: 'A4', A3: 'A3', A5: 'A5', LETTER: t`Letter`, LEGAL: t`Legal`, TABLOID: t`Tabloid` };

const sheet = (vocabulary: number, board: string, setup: Setup, number: number) =>
  queryOptions({
    queryKey: ['vocabulary', vocabulary, 'sheet', board, setup, number],
    queryFn: ({ signal }) =>
      answer(
        client.GET('/api/vocabularies/{vocabulary}/boards/{board}/sheet', {
          params: { path: { vocabulary, board }, query: { ...setup, sheet: number } },
          signal,
        }),
      ),
    enabled: board !== '',
    placeholderData: keepPreviousData,
  });

const printBook = (vocabulary: number, board: string, body: Setup) =>
  answer(client.POST('/api/vocabularies/{vocabulary}/boards/{board}/print', { params: { path: { vocabulary, board } }, body }));

interface SetUpProps {
  setup: Setup;
  board: string;
  boards: number;
  whose: string;
  /** True if a photo may show somebody. */
  people: boolean;
  onSet: (setup: Setup) => void;
}

function SetUp({ setup, board, boards, whose, people, onSet }: SetUpProps) {
  const c = controls(setup, true, onSet);
  const several = setup.reach !== 'ONE';
  const onBoards = setup.what === 'BOARD';
  const of = setup.reach !== 'ALL' && <strong>{board} </strong>;
  const which = c.choice('reach', t`Which boards`, {
    ONE: t`alone`,
    OPENED: several && boards > 1 ? t`and what it opens (${boards} boards)` : t`and what it opens`,
    ALL: several && boards > 1 ? t`all ${boards} boards` : t`all boards`,
  });
  const what = c.choice('what', t`What is printed`, { BOARD: t`to point at`, KEYGUARD: t`as a keyguard, with openings to cut out` });
  const paper = c.choice('paper', t`Paper`, PAPERS);
  const lies = c.yes('lyingDown', t`Which way the paper lies`, t`lying down`, t`standing up`);
  const size = c.choice('size', t`How large`, { SCREEN: t`as large as on ${whose}`, PAGE: t`as large as the page allows`, SCALED: t`scaled` });
  const percent = c.number('percent', t`Percent of true size`, 20, 400, t`${setup.percent} percent`);
  const scaled = setup.size === 'SCALED' && (
    <>
      {' '}
      <Trans>to {percent}</Trans>
    </>
  );
  const lines = c.yes('cutLines', t`Lines to cut along`, t`with lines to cut along`, t`without lines to cut along`);
  const cells = onBoards && (
    <>
      {', '}
      <Trans>
        cells {size}
        {scaled}, {lines}
      </Trans>
    </>
  );
  const forWhom = people && <>, {c.choice('printedFor', t`For whom`, FOR_WHOM)}</>;
  const ink = c.choice('ink', t`Ink`, { FULL: t`in colour`, SAVING: t`saving ink` });
  const tabs = c.yes('tabs', t`Tabs`, t`with tabs`, t`without tabs`);
  const index = c.yes('index', t`Index of words`, t`with an index of words`, t`without an index of words`);
  const book = several && onBoards && (
    <>
      {', '}
      <Trans>
        {tabs} and {index}
      </Trans>
    </>
  );
  return (
    <Trans>
      {of}
      {which}, {what}, on {paper} {lies}
      {cells}
      {forWhom}, {ink}
      {book}.
    </Trans>
  );
}

/** Boards on paper: a sentence sets them up, the sheet below it is the true one. */
export default function Print() {
  const params = useParams();
  const id = Number(params.vocabulary);
  const [chosen, setSetup] = useState<Partial<Setup>>({});
  const paper = useQuery(session).data?.paper;
  // On the school’s paper, until somebody chooses another.
  const setup: Setup = { ...USUAL, ...(paper && { paper: paper }), ...chosen };
  const [number, setNumber] = useState(1);
  const [start, working] = useWork(t`Open the PDF`);
  const view = useQuery(vocabularyQuery(id));
  const boardId = params.board ?? view.data?.home ?? '';
  const print = useQuery(sheet(id, boardId, setup, number));
  const error = view.error ?? print.error;
  if (error && !(view.data && print.data))
    return (
      <main className={parts.lone}>
        <h1>{t`This cannot be printed`}</h1>
        <p role="alert">{sentence(error)}</p>
      </main>
    );
  const line = view.data?.boards.find((b) => b.id === boardId);
  if (!view.data || !line) return null;
  const whose = view.data.student ? t`${view.data.student.name}’s screen` : t`a usual screen`;
  const board = `/vocabularies/${id}/boards/${encodeURIComponent(boardId)}`;
  const query = new URLSearchParams(Object.entries(setup).map(([key, value]) => [key, String(value)]));
  const set = (changed: Setup) => {
    setSetup(changed);
    setNumber(1);
  };
  const several = setup.reach !== 'ONE';
  const boards = print.data?.boards ?? 1;

  return (
    <main className={css.print} data-ready={print.data ? true : undefined}>
      <div className={css.printHead}>
        <h1 className={parts.unseen}>{t`Print ${line.name}`}</h1>
        <p className={css.setUp}>
          <SetUp setup={setup} board={line.name} boards={boards} whose={whose} people={(print.data?.people ?? 0) > 0} onSet={set} />
        </p>
        {error ? (
          <p role="alert" className={parts.note}>
            {sentence(error)}
          </p>
        ) : (
          print.data?.notes.map((note) => (
            <p key={note} className={parts.note}>
              {note}
            </p>
          ))
        )}
      </div>
      {print.data && (
        <ArtOf art={view.data.art} vocabulary={id}>
          <Leaves
            page={print.data.page}
            of={print.data.sheets}
            label={several ? t`Sheet ${print.data.page.number} of ${print.data.sheets}` : t`The sheet for ${line.name}`}
            onPage={setNumber}
          >
            <Link className={parts.door} to={board}>{t`Back to the board`}</Link>
            {several ? (
              <Button type="primary" onClick={() => start(() => printBook(id, boardId, setup))}>{t`Make the PDF`}</Button>
            ) : (
              <a className={`${parts.door} ${parts.primary}`} href={`/api${board}/sheet.pdf?${query}`} target="_blank" rel="noreferrer">{t`Make the PDF`}</a>
            )}
            <span className={parts.quiet}>{t`Print it at 100 percent, then check the line at its foot with a ruler.`}</span>
          </Leaves>
        </ArtOf>
      )}
      {working}
    </main>
  );
}
