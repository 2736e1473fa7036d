import { useQuery } from '@tanstack/react-query';
import type { Support, WordList } from '../../api/types';
import { PagePreview } from '../sheet';
import { offers as offersQuery } from '../../data/lists';
import { intoList } from '../../shell/intoView';
import { may } from '../../data/may';
import css from './wordlist.module.css';

/** Everything the list could be, each as a small true picture of its first sheet. */
export function Offers({ view, onChoose }: { view: WordList; onChoose: (support: Support) => void }) {
  const { data = [] } = useQuery(offersQuery(view.id, view.version));
  const said = new Map(view.supports.map((s) => [s.name, s.words]));
  return (
    <ul className={css.offers}>
      {data.map((offer) => {
        const now = offer.support.type === view.support.type;
        return (
          <li key={offer.support.type}>
            <button
              type="button"
              ref={now ? intoList : undefined}
              aria-pressed={now}
              disabled={!may(view, 'CHANGE')}
              title={offer.refused ?? undefined}
              onClick={() => !now && onChoose(offer.support)}
            >
              <span className={css.small}>{offer.page ? <PagePreview page={offer.page} label="" /> : <em>{offer.refused}</em>}</span>
              <span>{said.get(offer.support.type)}</span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}
