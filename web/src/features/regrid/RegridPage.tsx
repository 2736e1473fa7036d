import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { Link, useParams, useSearchParams } from 'react-router';
import { sentence } from '../../api/client';
import { board as boardQuery, vocabulary as vocabularyQuery } from '../../data/boards';
import { may } from '../../data/may';
import { ArtOf } from '../../drawn/art';
import parts from '../../shell/parts.module.css';
import { Regrid } from './Regrid';

/** A board, those it opens, or all on another grid: seen before it is done. */
export default function RegridPage() {
  const id = Number(useParams().vocabulary);
  const [search] = useSearchParams();
  const view = useQuery(vocabularyQuery(id));
  const line = view.data?.boards.find((b) => b.id === search.get('board')) ?? view.data?.boards.find((b) => b.id === view.data.home);
  const board = useQuery(boardQuery(id, line?.id ?? '', line?.revision));
  const error = view.error ?? board.error;
  if (error)
    return (
      <main className={parts.lone}>
        <h1>{t`No board can be laid on another grid here`}</h1>
        <p role="alert">{sentence(error)}</p>
      </main>
    );
  if (view.data && !may(view.data, 'CHANGE'))
    return (
      <main className={parts.lone}>
        <h1>{t`These boards are yours to look at`}</h1>
        <p>{t`An owner of the team can let you change them too.`}</p>
      </main>
    );
  if (!view.data || !board.data) return <main className={parts.page} aria-busy="true" />;
  return (
    <ArtOf art={view.data.art} vocabulary={id}>
      <main className={parts.page} data-ready>
        <div className={parts.pageHead}>
          <h1>{t`${board.data.name} on another grid`}</h1>
          <span className={parts.quiet}>{t`Nothing moves before you have seen it.`}</span>
          <span className={parts.grow} />
          <Link className={parts.door} to={`/vocabularies/${id}/boards/${encodeURIComponent(board.data.id)}`}>{t`Back to the boards`}</Link>
        </div>
        <Regrid key={board.data.id} view={view.data} board={board.data} />
      </main>
    </ArtOf>
  );
}
