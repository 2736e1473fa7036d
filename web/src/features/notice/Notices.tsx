import { t } from '@lingui/core/macro';
import { queryOptions, useQuery } from '@tanstack/react-query';
import { answer, client } from '../../api/client';
import css from './notices.module.css';
import parts from '../../shell/parts.module.css';

const notices = queryOptions({ queryKey: ['notices'], queryFn: () => answer(client.GET('/api/notices')), staleTime: Infinity });

export default function Notices() {
  const { data } = useQuery(notices);
  return (
    <main className={parts.page} data-ready={data ? true : undefined}>
      <h1>{t`Who made what is in here`}</h1>
      <pre className={css.notices} tabIndex={0} aria-label={t`Notices`}>
        {data?.text}
      </pre>
    </main>
  );
}
