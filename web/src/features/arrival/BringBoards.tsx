import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { Link, useParams, useSearchParams } from 'react-router';
import { useState } from 'react';
import { sentence } from '../../api/client';
import type { ArrivalSource } from '../../api/types';
import { sources } from '../../data/arrivals';
import { vocabulary as vocabularyQuery } from '../../data/boards';
import { may } from '../../data/may';
import { ArtOf } from '../../drawn/art';
import { begunAt } from './arrivalsAt';
import { FromOne } from './FromOne';
import { Newer } from './Newer';
import { Sources } from './Sources';
import parts from '../../shell/parts.module.css';

/** Boards of another vocabulary: from which, which of them, and what comes. */
export default function BringBoards() {
  const id = Number(useParams().vocabulary);
  const view = useQuery(vocabularyQuery(id));
  const all = useQuery({ ...sources(id), enabled: view.data !== undefined && may(view.data, 'CHANGE') });
  const [search, setSearch] = useSearchParams();
  const begun = begunAt(search);
  const [chosen, setFrom] = useState<number>();
  const [newer, setNewer] = useState<number>();
  const from = all.data?.find((s) => s.vocabulary === (chosen ?? begun.from));
  const fromAnother = () => {
    setFrom(undefined);
    setNewer(undefined);
    setSearch((now) => new URLSearchParams([...now].filter(([key]) => ['board', 'row', 'column'].includes(key))), { replace: true });
  };
  const error = view.error ?? all.error;
  if (error)
    return (
      <main className={parts.lone}>
        <h1>{t`No boards can be brought in here`}</h1>
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
  if (!view.data || !all.data) return <main className={parts.page} aria-busy="true" />;
  return (
    <ArtOf art={view.data.art} vocabulary={id}>
      <main className={parts.page} data-ready>
        <div className={parts.pageHead}>
          <h1>{t`Bring boards into ${view.data.name}`}</h1>
          <span className={parts.quiet}>{from ? called(from) : t`Nothing happens before you have seen what comes.`}</span>
          <span className={parts.grow} />
          {(from ?? newer) !== undefined && <button type="button" className={parts.dotted} onClick={fromAnother}>{t`from another`}</button>}
          <Link className={parts.door} to={`/vocabularies/${id}`}>{t`Back to the boards`}</Link>
        </div>
        {newer !== undefined ? (
          <Newer view={view.data} from={newer} onDone={fromAnother} />
        ) : from ? (
          <FromOne
            key={from.vocabulary}
            view={view.data}
            from={from.vocabulary}
            all={!!from.keptAt}
            begun={{ ...begun, board: view.data.boards.find((b) => b.id === begun.board)?.id ?? view.data.home }}
          />
        ) : (
          <Sources view={view.data} all={all.data} onChoose={setFrom} onNewer={setNewer} />
        )}
      </main>
    </ArtOf>
  );
}

const called = ({ name, whose, keptAt }: ArrivalSource) =>
  whose ? t`from “${name}”, ${whose}` : keptAt ? t`from “${name}”, of your own shelf` : t`from the starter “${name}”`;
