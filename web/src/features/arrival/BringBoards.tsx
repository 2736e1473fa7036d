import { plural, t } from '@lingui/core/macro';
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
import parts from '../../shell/parts.module.css';
import css from './arrival.module.css';

/** Boards of another vocabulary: from which, which of them, and what comes. */
export default function BringBoards() {
  const id = Number(useParams().vocabulary);
  const view = useQuery(vocabularyQuery(id));
  const all = useQuery({ ...sources(id), enabled: view.data !== undefined && may(view.data, 'CHANGE') });
  const [search, setSearch] = useSearchParams();
  const begun = begunAt(search);
  const [chosen, setFrom] = useState<ArrivalSource>();
  const from = chosen ?? all.data?.find((s) => s.vocabulary === begun.from);
  const fromAnother = () => {
    setFrom(undefined);
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
          {from && <button type="button" className={parts.dotted} onClick={fromAnother}>{t`from another`}</button>}
          <Link className={parts.door} to={`/vocabularies/${id}`}>{t`Back to the boards`}</Link>
        </div>
        {from ? (
          <FromOne
            key={from.vocabulary}
            view={view.data}
            from={from.vocabulary}
            begun={{ ...begun, board: view.data.boards.find((b) => b.id === begun.board)?.id ?? view.data.home }}
          />
        ) : (
          <Sources all={all.data} onChoose={setFrom} />
        )}
      </main>
    </ArtOf>
  );
}

const called = ({ name, whose }: ArrivalSource) => (whose ? t`from “${name}”, ${whose}` : t`from the starter “${name}”`);

function Sources({ all, onChoose }: { all: ArrivalSource[]; onChoose: (from: ArrivalSource) => void }) {
  const card = (one: ArrivalSource) => (
    <li key={one.vocabulary}>
      <button type="button" onClick={() => onChoose(one)}>
        <strong>{one.name}</strong>
        <span>{[one.whose, plural(one.boards, { one: '# board', other: '# boards' })].filter(Boolean).join(' · ')}</span>
      </button>
    </li>
  );
  const students = all.filter((s) => s.whose);
  return (
    <>
      {students.length > 0 && (
        <section className={css.from} aria-label={t`From a vocabulary`}>
          <h2>{t`From a vocabulary`}</h2>
          <ul className={css.sources}>{students.map(card)}</ul>
        </section>
      )}
      <section className={css.from} aria-label={t`From a starter`}>
        <h2>{t`From a starter`}</h2>
        <ul className={css.sources}>{all.filter((s) => !s.whose).map(card)}</ul>
      </section>
    </>
  );
}
