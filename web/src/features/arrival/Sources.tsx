import { plural, t } from '@lingui/core/macro';
import { App } from 'antd';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { ArrivalSource, BroughtIn, VocabularyView } from '../../api/types';
import { sources } from '../../data/arrivals';
import { bringInBundle } from '../../data/bundles';
import { newer } from '../../data/newer';
import { deleteVocabulary } from '../../data/students';
import { useFiles } from '../../shell/files';
import { dayAndTime } from '../../shell/time';
import { useWork } from '../job';
import parts from '../../shell/parts.module.css';
import css from './arrival.module.css';

interface Choosing {
  all: ArrivalSource[];
  onChoose: (from: number) => void;
}

/** From where boards can come: a vocabulary, a bundle on one's own shelf, a file, a starter; first of all what is newer where something came from. */
export function Sources({ view, onNewer, ...choosing }: Choosing & { view: VocabularyView; onNewer: (from: number) => void }) {
  return (
    <>
      <WhereNewer view={view} onNewer={onNewer} />
      <Some title={t`From a vocabulary`} of={(s) => !!s.whose} {...choosing} />
      <Shelf view={view} {...choosing} />
      <Some title={t`From a starter`} of={(s) => !s.whose && !s.keptAt} {...choosing} />
    </>
  );
}

const boards = (count: number) => plural(count, { one: '# board', other: '# boards' });

function Some({ title, all, of, onChoose }: Choosing & { title: string; of: (source: ArrivalSource) => boolean }) {
  const some = all.filter(of);
  if (some.length === 0) return null;
  return (
    <section className={css.from} aria-label={title}>
      <h2>{title}</h2>
      <ul className={css.sources}>
        {some.map((one) => (
          <li key={one.vocabulary}>
            <button type="button" onClick={() => onChoose(one.vocabulary)}>
              <strong>{one.name}</strong>
              <span>{[one.whose, boards(one.boards)].filter(Boolean).join(' · ')}</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Bundles, and the way for a file to become one. */
function Shelf({ view, all, onChoose }: Choosing & { view: VocabularyView }) {
  const { message } = App.useApp();
  const queries = useQueryClient();
  const again = () => queries.invalidateQueries({ queryKey: sources(view.id).queryKey });
  const [findings, setFindings] = useState<string[]>([]);
  const [start, working] = useWork(t`Open it`, {
    onDone: (told) => {
      const came = JSON.parse(told) as BroughtIn;
      setFindings(came.vocabulary === undefined ? [t`A book came in, and stands among your own lists: boards alone can be brought in here.`] : came.findings);
      void again().then(() => came.vocabulary !== undefined && came.findings.length === 0 && onChoose(came.vocabulary));
    },
  });
  const [choose, field] = useFiles(t`A package or board file`, '.obz,.obf,.zip,.json', ([file]) => file && start(() => bringInBundle(file)));
  const bundles = all.filter((s) => s.keptAt);
  async function off({ vocabulary, name }: ArrivalSource) {
    await deleteVocabulary(vocabulary);
    void message.success(t`“${name}” is off the shelf. For 30 days it can be had back, under “what was deleted” on the caseload.`, 6);
    await again();
  }
  return (
    <section className={css.from} aria-label={t`From your own shelf`}>
      <h2>{t`From your own shelf`}</h2>
      <ul className={css.sources}>
        {bundles.map((one) => (
          <li key={one.vocabulary}>
            <button type="button" onClick={() => onChoose(one.vocabulary)}>
              <strong>{one.name}</strong>
              <span>{[boards(one.boards), one.keptAt && t`kept ${dayAndTime(one.keptAt)}`].filter(Boolean).join(' · ')}</span>
            </button>
            <button type="button" className={css.off} aria-label={t`Take “${one.name}” off the shelf`} onClick={() => void off(one)}>
              {t`take off the shelf`}
            </button>
          </li>
        ))}
      </ul>
      <p>
        <button type="button" className={parts.dotted} onClick={choose}>{t`Boards from a file (.obz, .obf)…`}</button>{' '}
        <span className={parts.quiet}>{t`They come onto your own shelf first, and from there wherever you want them.`}</span>
      </p>
      {findings.length > 0 && (
        <ul role="status">
          {findings.map((finding) => (
            <li key={finding}>{finding}</li>
          ))}
        </ul>
      )}
      {field}
      {working}
    </section>
  );
}

function WhereNewer({ view, onNewer }: { view: VocabularyView; onNewer: (from: number) => void }) {
  const { data = [] } = useQuery(newer(view.id, view.version));
  if (data.length === 0) return null;
  return (
    <section className={css.from} aria-label={t`Newer there`}>
      <h2>{t`Newer where words came from`}</h2>
      <ul className={css.sources}>
        {data.map((one) => (
          <li key={one.vocabulary}>
            <button type="button" onClick={() => onNewer(one.vocabulary)}>
              <strong>{one.name}</strong>
              <span>
                {[
                  one.changed > 0 && plural(one.changed, { one: '# word is other there now', other: '# words are other there now' }),
                  one.added > 0 && plural(one.added, { one: '# word is new there', other: '# words are new there' }),
                ]
                  .filter(Boolean)
                  .join(' · ')}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
