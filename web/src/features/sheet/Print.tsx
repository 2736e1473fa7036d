import { useQuery, keepPreviousData, queryOptions } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { answer, client, sentence } from '../../api/client';
import { vocabulary as vocabularyQuery } from '../board/boards';
import { DottedChoice } from '../board/Dotted';
import { ArtOf } from '../picture/art';
import { PagePreview } from './PagePreview';
import parts from '../../shell/parts.module.css';
import css from './print.module.css';

interface Setup { paper: 'A4' | 'LETTER'; lyingDown: boolean; size: 'SCREEN' | 'PAGE'; cutLines: boolean }

const sheet = (vocabulary: number, board: string, setup: Setup) =>
  queryOptions({
    queryKey: ['vocabulary', vocabulary, 'sheet', board, setup],
    queryFn: () => answer(client.GET('/api/vocabularies/{vocabulary}/boards/{board}/sheet', { params: { path: { vocabulary, board }, query: setup } })),
    enabled: board !== '',
    placeholderData: keepPreviousData,
  });

/** One board on paper: a sentence sets it up, the sheet below it is the true one. */
export default function Print() {
  const params = useParams();
  const id = Number(params.vocabulary);
  const [setup, setSetup] = useState<Setup>({ paper: 'A4', lyingDown: true, size: 'SCREEN', cutLines: false });
  const view = useQuery(vocabularyQuery(id));
  const boardId = params.board ?? view.data?.home ?? '';
  const page = useQuery(sheet(id, boardId, setup));
  const error = view.error ?? page.error;
  if (error && !(view.data && page.data)) return <main className={parts.lone}><h1>This cannot be printed</h1><p role="alert">{sentence(error)}</p></main>;
  const line = view.data?.boards.find((b) => b.id === boardId);
  if (!view.data || !line) return null;
  const whose = view.data.student ? `${view.data.student.name}’s screen` : 'a usual screen';
  const query = new URLSearchParams({ paper: setup.paper, lyingDown: String(setup.lyingDown), size: setup.size, cutLines: String(setup.cutLines) });
  return (
    <main className={css.print} data-ready={page.data ? true : undefined}>
      <div className={css.printHead}>
        <h1 className={parts.unseen}>Print {line.name}</h1>
        <p className={css.setUp}>
          <strong>{line.name}</strong> on{' '}
          <DottedChoice label="Paper" items={[{ key: 'A4', label: 'A4' }, { key: 'LETTER', label: 'Letter' }]}
            onChoose={(key) => setSetup({ ...setup, paper: key as Setup['paper'] })}>
            {setup.paper === 'A4' ? 'A4' : 'Letter'}
          </DottedChoice>{' '}
          <DottedChoice label="Which way the paper lies" items={[{ key: 'lying', label: 'lying down' }, { key: 'standing', label: 'standing up' }]}
            onChoose={(key) => setSetup({ ...setup, lyingDown: key === 'lying' })}>
            {setup.lyingDown ? 'lying down' : 'standing up'}
          </DottedChoice>, cells{' '}
          <DottedChoice label="How large" items={[{ key: 'SCREEN', label: `as large as on ${whose}` }, { key: 'PAGE', label: 'as large as the page allows' }]}
            onChoose={(key) => setSetup({ ...setup, size: key as Setup['size'] })}>
            {setup.size === 'SCREEN' ? `as large as on ${whose}` : 'as large as the page allows'}
          </DottedChoice>,{' '}
          <DottedChoice label="Lines to cut along"
            items={[{ key: 'without', label: 'without lines to cut along' }, { key: 'with', label: 'with lines to cut along' }]} onChoose={(key) => setSetup({ ...setup, cutLines: key === 'with' })}>
            {setup.cutLines ? 'with lines to cut along' : 'without lines to cut along'}
          </DottedChoice>.
        </p>
        {page.data?.notes.map((note) => <p key={note} className={parts.note}>{note}</p>)}
      </div>
      {page.data && <ArtOf art={view.data.art} vocabulary={id}><PagePreview page={page.data} label={`The sheet for ${line.name}`} /></ArtOf>}
      <div className={css.printFoot}>
        <Link className={parts.door} to={`/vocabularies/${id}/boards/${encodeURIComponent(boardId)}`}>Back to the board</Link>
        <a className={`${parts.door} ${parts.primary}`} href={`/api/vocabularies/${id}/boards/${encodeURIComponent(boardId)}/sheet.pdf?${query}`}
          target="_blank" rel="noreferrer">Make the PDF</a>
        <span className={parts.quiet}>Print it at 100 percent, then check the line at its foot with a ruler.</span>
      </div>
    </main>
  );
}
