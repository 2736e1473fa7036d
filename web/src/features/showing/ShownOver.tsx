import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { showing } from '../../data/showing';
import { NotShown } from './NotShown';
import { Shown } from './Shown';

/** Who works by keys goes on in what is over the board. */
const focused = (over: HTMLDivElement | null) => over?.focus();

/** A day, a walk or a book over a board, opened from a button; the message that was begun is there when it is left. */
export function ShownOver({ list, vocabulary, onLeave }: { list: number; vocabulary: number; onLeave: () => void }) {
  const { data, error } = useQuery(showing(list, vocabulary));
  return (
    <div role="dialog" aria-label={data?.name ?? t`A book`} data-over tabIndex={-1} ref={focused}>
      {data && <Shown shown={data} as={data.showing.as ?? 'BOOK'} onLeave={onLeave} />}
      {error && !data && <NotShown why={error} onLeave={onLeave} />}
    </div>
  );
}
