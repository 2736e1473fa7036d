import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Navigate, useLocation, useParams } from 'react-router';
import { sentence } from '../../api/client';
import { board as boardQuery, vocabulary as vocabularyQuery } from '../../data/boards';
import { ArtOf } from '../../drawn/art';
import { Bench } from './Bench';
import type { Shown } from './room';
import { may } from '../../data/may';
import parts from '../../shell/parts.module.css';

/** Finds the vocabulary and the board of the address, and puts them on the bench. */
export default function BenchPage() {
  const params = useParams();
  const id = Number(params.vocabulary);
  const { search } = useLocation();
  const view = useQuery(vocabularyQuery(id));
  const boardId = params.board ?? view.data?.home ?? '';
  const line = view.data?.boards.find((b) => b.id === boardId);
  const board = useQuery({ ...boardQuery(id, boardId, line?.revision), retry: false });
  // What is shown stays until the next version of it is there as a whole.
  const [last, setLast] = useState<Shown>();
  if (view.data && line && board.data && (last?.view !== view.data || last.line !== line || last.board !== board.data))
    setLast({ view: view.data, line, board: board.data });
  const shown = last?.view.id === id && last.board.id === boardId ? last : undefined;
  const error = view.error ?? board.error;

  if (view.data && !may(view.data, 'LOOK')) return <Navigate to={`/vocabularies/${id}/talk`} replace />;
  if (view.data && (!line || !params.board)) return <Navigate to={`/vocabularies/${id}/boards/${encodeURIComponent(view.data.home)}${search}`} replace />;
  if (error && !shown)
    return (
      <main className={parts.lone}>
        <h1>{t`These boards cannot be shown`}</h1>
        <p role="alert">{sentence(error)}</p>
      </main>
    );
  return (
    <ArtOf art={view.data?.art ?? 'colour.yellow.usual'} vocabulary={id}>
      <Bench key={id} id={id} boardId={boardId} shown={shown} />
    </ArtOf>
  );
}
