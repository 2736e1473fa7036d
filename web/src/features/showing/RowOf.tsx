import { t } from '@lingui/core/macro';
import { App } from 'antd';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { sentence } from '../../api/client';
import { ArtOf, Pic } from '../../drawn/art';
import { beginList } from '../../data/lists';
import { rowOf } from '../../data/showing';
import { CameIn, useBringIn } from '../bringin';
import { ALL_AS, type As } from './as';
import css from './row.module.css';
import parts from '../../shell/parts.module.css';

const begunAs = (as: As, name: string) => ({ DAY: t`${name}’s day`, WALK: t`A walk with ${name}`, BOOK: t`A book for ${name}` })[as];
/** What each is on paper. */
const PRINTED = { DAY: 'strip', WALK: 'story', BOOK: 'story' };
const anew = (as: As) => ({ DAY: t`a new day`, WALK: t`a new walk`, BOOK: t`a new book` })[as];

/** What stands on a student’s row: days, walks and books, each one touch away. */
export function RowOf({ student, name, art, mayEdit }: { student: string; name: string; art: string; mayEdit: boolean }) {
  const { data: row = [] } = useQuery(rowOf(student));
  const queries = useQueryClient();
  const navigate = useNavigate();
  const { message } = App.useApp();
  const { came, choose, parts: working } = useBringIn(student);
  async function begin(as: As) {
    try {
      const made = await beginList({ student, name: begunAs(as, name), text: '', as, support: PRINTED[as] });
      void queries.invalidateQueries({ queryKey: ['lists'] });
      void queries.invalidateQueries({ queryKey: rowOf(student).queryKey });
      void navigate(`/lists/${made.id}/pages`);
    } catch (error) {
      void message.error(sentence(error), 6);
    }
  }
  return (
    <ArtOf art={art}>
      {row.length > 0 && (
        <ul className={css.row}>
          {row.map((l) => (
            <ArtOf key={l.id} art={art} list={l.id}>
              <li>
                <Link to={`/lists/${l.id}/show`} state={{ back: location.pathname }}>
                  {l.picture ? <Pic id={l.picture} /> : <span className={css.none} />}
                  <span>{l.name}</span>
                </Link>
                {mayEdit && <Link className={parts.dotted} to={`/lists/${l.id}/pages`} aria-label={t`change ${l.name}`}>{t`change`}</Link>}
              </li>
            </ArtOf>
          ))}
        </ul>
      )}
      {mayEdit && (
        <p>
          {ALL_AS.map((as) => (
            <button key={as} type="button" className={`${parts.dotted} ${css.anew}`} onClick={() => void begin(as)}>
              {anew(as)}
            </button>
          ))}
          <button type="button" className={`${parts.dotted} ${css.anew}`} onClick={choose}>{t`a book from a file (.obz)`}</button>
        </p>
      )}
      {working}
      {came && <CameIn came={came} name={name} />}
    </ArtOf>
  );
}
