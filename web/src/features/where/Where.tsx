import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Button, Input } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { Link, useSearchParams } from 'react-router';
import { sentence } from '../../api/client';
import { ArtOf, Pic } from '../../drawn/art';
import { Route } from '../../drawn/Route';
import { spoken } from '../../data/cells';
import { whereIs } from '../../data/where';
import css from './where.module.css';
import parts from '../../shell/parts.module.css';

/** Where one word is for each student, to look at and to print for a class. */
export default function Where() {
  const [search, ask] = useSearchParams();
  const word = search.get('word')?.trim() ?? '';
  const { data = [], error } = useQuery(whereIs(word));
  return (
    <main className={`${parts.page} ${css.where}`} data-ready={data.length > 0 || undefined}>
      <div className={parts.pageHead}>
        <h1>{word ? t`Where is “${word}”?` : t`Where is a word?`}</h1>
        <span className={parts.grow} />
        <Link className={`${parts.door} ${css.notPrinted}`} to="/caseload">{t`Back to the caseload`}</Link>
        {word && <Button className={css.notPrinted} type="primary" onClick={() => window.print()}>{t`Print`}</Button>}
      </div>
      {!word && (
        <Input.Search
          className={css.asked}
          aria-label={t`Where is a word?`}
          placeholder={t`Type a word`}
          enterButton={t`Find it`}
          autoFocus
          onSearch={(typed) => typed.trim() && ask({ word: typed.trim() })}
        />
      )}
      {error && <p role="alert">{sentence(error)}</p>}
      <ul className={css.students}>
        {data.map((row) => (
          <li key={row.student} aria-label={row.name}>
            <h2>{row.name}</h2>
            <ArtOf art={row.art} vocabulary={row.vocabulary}>
              <div>
                {row.found.map((f) => (
                  <p key={`${f.spot.board} ${f.spot.cell.row} ${f.spot.cell.column}`}>
                    {f.picture && <Pic id={f.picture} />}
                    <Route spot={f.spot} /> <span>{spoken(f.spot.cell)}</span>
                    {f.why && <strong className={css.why}>{f.why}</strong>}
                    <Link
                      className={`${parts.dotted} ${css.notPrinted}`}
                      to={`/vocabularies/${row.vocabulary}/boards/${encodeURIComponent(f.spot.board)}`}
                    >{t`go there`}</Link>
                  </p>
                ))}
                {row.found.length === 0 && (
                  <p>
                    {t`Not there.`}{' '}
                    {row.proposed ? (
                      <>
                        <Trans>
                          It could go on <Route spot={row.proposed} /> {spoken(row.proposed.cell)}.
                        </Trans>{' '}
                        <Link
                          className={`${parts.dotted} ${css.notPrinted}`}
                          to={`/vocabularies/${row.vocabulary}/boards/${encodeURIComponent(row.proposed.board)}`}
                        >{t`go there`}</Link>
                      </>
                    ) : (
                      t`No board has room for it.`
                    )}
                  </p>
                )}
              </div>
            </ArtOf>
          </li>
        ))}
      </ul>
    </main>
  );
}
