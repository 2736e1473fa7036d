import { plural, t } from '@lingui/core/macro';
import { Button } from 'antd';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { sentence } from '../../api/client';
import type { ListEdit, WordList } from '../../api/types';
import { ArtOf } from '../../drawn/art';
import { list as listQuery, useAct, useHeard, type Act } from '../../data/lists';
import { may } from '../../data/may';
import { DottedText } from '../../shell/Dotted';
import { useLive } from '../../shell/live';
import { useUndoKeys } from '../../shell/undoKeys';
import { Bringing } from '../first';
import { OnePage } from './OnePage';
import { ShowingSentence } from './ShowingSentence';
import { useBroughtPages } from './useBroughtPages';
import css from './pages.module.css';
import parts from '../../shell/parts.module.css';

/** Where a day, a walk or a book is made: its pages in order, photos and words brought to it, and how it is shown. */
export default function PagesPage() {
  const id = Number(useParams().list);
  const { data: view, error } = useQuery(listQuery(id));
  useLive('lists', id, '', useHeard(id));
  if (error && !view)
    return (
      <main className={parts.lone}>
        <h1>{t`This cannot be opened`}</h1>
        <p role="alert">{sentence(error)}</p>
      </main>
    );
  if (!view) return <main className={parts.page} aria-busy="true" />;
  return <Pages key={id} view={view} />;
}

function Pages({ view }: { view: WordList }) {
  const make = useAct(view.id);
  const queries = useQueryClient();
  const act = (made: Act) => make(view.version, made);
  const edit = (made: ListEdit) => act({ what: 'edit', edit: made });
  const mayEdit = may(view, 'CHANGE');
  const as = view.showing.as ?? 'BOOK';
  const { coming, wrong, bring, takePicture } = useBroughtPages(view, as, act);
  useUndoKeys(mayEdit, (what) => {
    if (what === 'undo' ? view.undo : view.redo) void act({ what });
  });
  const before = (place: number) => view.words.at(place)?.id;
  return (
    <ArtOf art={view.art} list={view.id}>
      <main className={parts.page} data-ready aria-busy={coming > 0}>
        <div className={parts.pageHead}>
          <h1>
            <DottedText label={t`What it is called`} value={view.name} disabled={!mayEdit} onKeep={(name) => void edit({ type: 'name', name })} />
          </h1>
          {view.student && (
            <Link className={parts.quiet} to={`/students/${view.student.id}`}>
              {view.student.name}
            </Link>
          )}
          <span className={parts.grow} />
          {mayEdit && <Button disabled={!view.undo} title={view.undo} onClick={() => void act({ what: 'undo' })}>{t`Undo`}</Button>}
          <Link className={parts.door} to={`/lists/${view.id}`}>{t`Print`}</Link>
          <Link className={`${parts.door} ${parts.primary}`} to={`/lists/${view.id}/show?as=${as}`}>{t`Show it`}</Link>
        </div>
        <p className={css.sentence}>
          <ShowingSentence
            view={view}
            as={as}
            mayEdit={mayEdit}
            onSet={(showing) => void edit({ type: 'show', showing }).then(() => queries.invalidateQueries({ queryKey: ['row'] }))}
          />
        </p>
        <div className={css.pages}>
          <ol aria-label={t`Its pages`}>
            {view.words.map((word, i) => (
              <OnePage
                key={word.id}
                word={word}
                place={i + 1}
                rows={as === 'BOOK' ? 2 : 1}
                mayEdit={mayEdit}
                time={as === 'DAY' && view.showing.day.clock ? (view.showing.day.times[word.id] ?? null) : undefined}
                onTime={(minutes) => {
                  const others = Object.entries(view.showing.day.times).filter(([key]) => key !== word.id);
                  const times = Object.fromEntries(minutes === undefined ? others : [...others, [word.id, minutes]]);
                  void edit({ type: 'show', showing: { ...view.showing, day: { ...view.showing.day, times } } });
                }}
                onText={(text) => void edit({ type: 'change-word', word: { ...word, text } })}
                onPicture={(file) => void takePicture(file, word)}
                onOut={() => void edit({ type: 'take-out', ids: [word.id] })}
                onUp={i > 0 ? () => void edit({ type: 'move-words', ids: [word.id], before: before(i - 1) }) : undefined}
                onDown={i < view.words.length - 1 ? () => void edit({ type: 'move-words', ids: [word.id], before: before(i + 2) }) : undefined}
              />
            ))}
            {view.words.length === 0 && <li className={parts.quiet}>{t`Nothing yet. Drop photos, or type the first words.`}</li>}
          </ol>
          {mayEdit && (
            <section aria-label={t`Put in more`}>
              {coming > 0 && <p role="status">{plural(coming, { one: '# photo is on its way', other: '# photos are on their way' })}</p>}
              {wrong.map((said, i) => (
                <p key={`${i} ${said}`} role="alert" className={parts.note}>
                  {said}
                </p>
              ))}
              <Bringing
                busy={coming > 0}
                onBring={bring}
                typed={
                  as === 'BOOK'
                    ? { label: t`The text of a new page`, placeholder: t`or type a page: The seal sleeps on the slipway.` }
                    : { label: t`Or words, with commas between`, placeholder: t`or type words: bus, circle, swim, lunch` }
                }
              />
            </section>
          )}
        </div>
      </main>
    </ArtOf>
  );
}
