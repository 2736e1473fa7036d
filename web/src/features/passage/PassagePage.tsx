import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { Link, useParams, useSearchParams } from 'react-router';
import { sentence } from '../../api/client';
import { vocabulary as vocabularyQuery } from '../../data/boards';
import { ArtOf } from '../../drawn/art';
import parts from '../../shell/parts.module.css';
import { Passage } from './Passage';

/** What of a text can be said, and what is to be done about the rest. */
export default function PassagePage() {
  const id = Number(useParams().vocabulary);
  const [search] = useSearchParams();
  const { data: view, error } = useQuery(vocabularyQuery(id));
  if (error)
    return (
      <main className={parts.lone}>
        <h1>{t`Nothing can be said here`}</h1>
        <p role="alert">{sentence(error)}</p>
      </main>
    );
  if (!view) return <main className={parts.page} aria-busy="true" />;
  const from = view.boards.find((b) => b.id === search.get('board'))?.id;
  return (
    <ArtOf art={view.art} vocabulary={id}>
      <main className={parts.page} data-ready>
        <div className={parts.pageHead}>
          <h1>{t`What can be said with ${view.name}`}</h1>
          <span className={parts.grow} />
          <Link className={parts.door} to={from ? `/vocabularies/${id}/boards/${encodeURIComponent(from)}` : `/vocabularies/${id}`}>
            {t`Back to the boards`}
          </Link>
        </div>
        <Passage view={view} from={from} />
      </main>
    </ArtOf>
  );
}
