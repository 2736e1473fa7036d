import { plural, t } from '@lingui/core/macro';
import { Modal } from 'antd';
import { useQuery } from '@tanstack/react-query';
import type { VocabularyView, WordFate } from '../../api/types';
import { comparison, once } from '../../data/places';
import { Route } from '../../drawn/Route';
import { Pic } from '../../drawn/art';
import { useBegin } from '../../data/lists';
import css from './reveal.module.css';
import parts from '../../shell/parts.module.css';

const LISTED = 60;

/** After a student was moved on: the words that are new to see, and the way to each, to be taught. */
export function Appeared({ view, since, onClose }: { view: VocabularyView; since: number; onClose: () => void }) {
  const begin = useBegin();
  const { data } = useQuery(comparison(view.id, view.version, { then: since }));
  const came = once(data?.words.filter((w) => w.says && w.fate === 'SHOWN') ?? []);
  const went = once(data?.words.filter((w) => w.says && w.fate === 'HELD') ?? []);
  const moved = once(data?.words.filter((w) => w.says && w.fate === 'MOVED') ?? []);
  const now = view.plan.steps[view.plan.at - 1];
  return (
    <Modal
      open
      title={now ? t`${view.student?.name ?? t`The student`} is at step ${view.plan.at}, ${now.name}` : t`Shown now`}
      onCancel={onClose}
      onOk={onClose}
      okText={t`Good`}
      cancelButtonProps={{ style: { display: 'none' } }}
      width={820}
    >
      {data && (
        <p>
          {came.length > 0 && t`${plural(came.length, { one: '# word is', other: '# words are' })} new to see.`}
          {came.length === 0 && went.length > 0 && t`${plural(went.length, { one: '# word waits', other: '# words wait' })} again.`}
          {came.length === 0 && went.length === 0 && t`No word is new to see by this.`} {moved.length === 0 && t`Nothing has moved.`}{' '}
          {came.length > 0 && t`Teach the way to each:`}
        </p>
      )}
      <Ways words={came} label={t`Words that are new to see`} />
      {moved.length > 0 && (
        <>
          <p>{plural(moved.length, { one: '# word stands elsewhere now. Show where:', other: '# words stand elsewhere now. Show where each is:' })}</p>
          <Ways words={moved} label={t`Words that moved`} />
        </>
      )}
      {now && came.length > 0 && (
        <p>
          {t`For paper:`}{' '}
          <button
            type="button"
            className={parts.dotted}
            onClick={() => void begin({ vocabulary: view.id, student: view.student?.id, step: now.id, name: t`Words of “${now.name}”` })}
          >{t`make a word list of this step`}</button>
        </p>
      )}
      {came.length > LISTED && <p className={parts.quiet}>{t`and ${came.length - LISTED} more; the reveal lens shows them all.`}</p>}
    </Modal>
  );
}

/** Words with the way to each. */
function Ways({ words, label }: { words: WordFate[]; label: string }) {
  return (
    <ul className={css.appeared} aria-label={label}>
      {words.slice(0, LISTED).map((w) => (
        <li key={w.button}>
          {w.picture && <Pic id={w.picture} />}
          <strong dir="auto">{w.text}</strong>
          {w.is && <Route spot={w.is} />}
        </li>
      ))}
    </ul>
  );
}
