import { t } from '@lingui/core/macro';
import { Alert, App, Button } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { sentence } from '../../api/client';
import { keepOutside, outside, type Offered } from '../../data/pictures';
import parts from '../../shell/parts.module.css';
import css from './pictures.module.css';

/** Looks outside the school for what no library has, only when asked to, and keeps what is chosen with its licence. `onKept`: takes what was kept. */
export function Outside({ word, onKept }: { word: string; onKept?: (picture: string) => void }) {
  const { message } = App.useApp();
  const queries = useQueryClient();
  const [asked, setAsked] = useState(false);
  const service = useQuery(outside(''));
  const found = useQuery({ ...outside(word), enabled: asked && word.trim() !== '' });
  const keeping = useMutation({
    mutationFn: (one: Offered) => keepOutside(word, one),
    onSuccess: ({ before, picture }) => {
      void queries.invalidateQueries({ queryKey: ['pictures'] });
      void queries.invalidateQueries({ queryKey: ['own-pictures'] });
      if (onKept) onKept(picture.picture);
      else
        void message.success(
          <span>
            {before ? t`That picture was kept before.` : t`The picture is kept, with its licence.`} <Link to="/pictures/own">{t`Our own pictures`}</Link>
          </span>,
          6,
        );
    },
  });
  if (!service.data?.there || word.trim() === '') return null;
  return (
    <section className={css.outside} aria-label={t`Pictures from outside`}>
      {!asked ? (
        <p>
          {t`Not here?`} <button type="button" className={parts.dotted} onClick={() => setAsked(true)}>{t`look outside for “${word}”`}</button>{' '}
          <span className={parts.quiet}>{t`${service.data.service}: only the word is sent`}</span>
        </p>
      ) : (
        <>
          <h2>{t`From outside`}</h2>
          <div aria-live="polite">
            {found.isFetching && <p className={parts.quiet}>{t`${service.data.service} is asked … this can take some seconds. You can go on meanwhile.`}</p>}
            {found.isError && !found.isFetching && (
              <Alert type="warning" showIcon title={sentence(found.error)} action={<Button onClick={() => void found.refetch()}>{t`Try again`}</Button>} />
            )}
            {found.data && !found.isFetching && found.data.pictures.length === 0 && (
              <p className={parts.quiet}>{t`It has no picture for “${word}” that is fit for a school.`}</p>
            )}
          </div>
          {keeping.isError && <Alert type="warning" showIcon title={sentence(keeping.error)} />}
          <ul className={css.tiles}>
            {!found.isFetching &&
              found.data?.pictures.map((p) => (
                <li key={p.id}>
                  <button
                    type="button"
                    className={css.tile}
                    disabled={keeping.isPending}
                    onClick={() => keeping.mutate(p)}
                    title={onKept ? t`Keep “${p.title}” and take it` : t`Keep “${p.title}” among my own pictures`}
                  >
                    <img src={`/api/outside-pictures/${p.id}`} alt="" loading="lazy" />
                    <span>{p.title}</span>
                    <small>
                      {p.author}, {p.licence}
                    </small>
                  </button>
                </li>
              ))}
          </ul>
        </>
      )}
    </section>
  );
}
