import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { sentence } from '../../api/client';
import { showing } from '../../data/showing';
import { Shown } from './Shown';
import css from './showing.module.css';

/** Who works by keys goes on in what is over the board. */
const focused = (over: HTMLDivElement | null) => over?.focus();

/** A day, a walk or a book over a board, opened from a button; the message that was begun is there when it is left. */
export function ShownOver({ list, vocabulary, onLeave }: { list: number; vocabulary: number; onLeave: () => void }) {
  const { data, error } = useQuery(showing(list, vocabulary));
  return (
    <div role="dialog" aria-label={data?.name ?? t`A book`} data-over tabIndex={-1} ref={focused}>
      {data && <Shown shown={data} as={data.showing.as ?? 'BOOK'} onLeave={onLeave} />}
      {error && !data && (
        <div className={css.whole}>
          <div className={css.nothing}>
            <p role="alert">{sentence(error)}</p>
            <button type="button" className={css.leaveNow} onClick={onLeave}>
              {t`back to the board`}
            </button>
          </div>
        </div>
      )}
    </div>
  );
}
