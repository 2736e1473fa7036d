import { t } from '@lingui/core/macro';
import { Dropdown } from 'antd';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { Link, NavLink, useNavigate } from 'react-router';
import type { Account } from './api/types';
import { signOut } from './data/session';
import { Accounts } from './features/account';
import { Care, Worries } from './features/care';
import { WorkOfToday } from './features/job';
import parts from './shell/parts.module.css';
import css from './shell.module.css';

/** The bar along the top, and the page below it. */
export function Shell({ account, children }: { account: Account; children: ReactNode }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [work, setWork] = useState(false);
  const [care, setCare] = useState(false);
  const [accounts, setAccounts] = useState(false);
  const leaving = useMutation({
    mutationFn: () => signOut(account.id),
    onSuccess: (view) => {
      queries.clear();
      queries.setQueryData(['session'], view);
      void navigate('/');
    },
  });
  return (
    <div className={css.shell}>
      <header className={css.topBar}>
        <Link to="/caseload" className={css.wordmark} aria-label={t`dwimble, to the caseload`}>
          dwimble
        </Link>
        <nav aria-label={t`Main`}>
          <NavLink to="/caseload">{t`Caseload`}</NavLink>
          <NavLink to="/pictures">{t`Pictures`}</NavLink>
          <NavLink to="/lists">{t`Print`}</NavLink>
        </nav>
        <span className={parts.grow} />
        <Dropdown
          trigger={['click']}
          menu={{
            items: [
              { key: 'who', label: `${account.name}, ${account.work}`, disabled: true },
              { key: 'work', label: t`Work of today` },
              ...(account.admin
                ? [
                    { key: 'accounts', label: t`Who can sign in` },
                    { key: 'care', label: t`Looking after Dwimble` },
                  ]
                : []),
              { key: 'notices', label: t`Who made what is in here` },
              { key: 'out', label: t`Sign out` },
            ],
            onClick: ({ key }) => {
              if (key === 'out') leaving.mutate();
              if (key === 'work') setWork(true);
              if (key === 'care') setCare(true);
              if (key === 'accounts') setAccounts(true);
              if (key === 'notices') void navigate('/notices');
            },
          }}
        >
          <button className={css.account} aria-label={t`${account.name}: account`}>
            {account.name.slice(0, 1)}
          </button>
        </Dropdown>
      </header>
      {account.admin && <Worries />}
      {children}
      {accounts && <Accounts onClose={() => setAccounts(false)} />}
      {care && <Care onClose={() => setCare(false)} />}
      {work && <WorkOfToday onClose={() => setWork(false)} />}
    </div>
  );
}
