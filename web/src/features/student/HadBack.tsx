import { t } from '@lingui/core/macro';
import { Trans } from '@lingui/react/macro';
import { Alert, Button, Modal } from 'antd';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { sentence } from '../../api/client';
import { dayAndTime, dayNamed } from '../../shell/time';
import { deleted, restore } from '../../data/students';
import css from './students.module.css';
import parts from '../../shell/parts.module.css';

/** Everything that was deleted in the last 30 days, to be had back. */
export function HadBack({ onClose }: { onClose: () => void }) {
  const queries = useQueryClient();
  const { data } = useQuery(deleted);
  const restoring = useMutation({
    mutationFn: restore,
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['deleted'] });
      void queries.invalidateQueries({ queryKey: ['caseload'] });
      void queries.invalidateQueries({ queryKey: ['lists'] });
    },
  });
  return (
    <Modal open title={t`Deleted in the last 30 days`} onCancel={onClose} footer={null} width={640}>
      {restoring.isError && <Alert type="error" showIcon title={sentence(restoring.error)} className={parts.gapBelow} />}
      {data?.length === 0 && <p className={parts.quiet}>{t`Nothing was deleted.`}</p>}
      <ul className={css.team} aria-label={t`What was deleted`}>
        {data?.map((d) => (
          <li key={`${d.what} ${d.id}`}>
            <span>
              <Gone name={<strong>{d.name}</strong>} list={d.what === 'LIST'} of={d.of} />
              <br />
              <span className={parts.quiet}>
                {d.by ? `${d.by}, ` : ''}
                {t`${dayAndTime(d.at)}; to be had back until ${dayNamed(d.until)}`}
              </span>
            </span>
            <Button loading={restoring.isPending} onClick={() => restoring.mutate(d)} aria-label={t`Have ${d.name} back`}>{t`Have it back`}</Button>
          </li>
        ))}
      </ul>
    </Modal>
  );
}

/** What was deleted, and whose it was. */
function Gone({ name, list, of }: { name: ReactNode; list: boolean; of?: string }) {
  if (!of) return list ? <Trans>{name}, a word list</Trans> : <>{name}</>;
  return list ? (
    <Trans>
      {name}, a word list for {of}
    </Trans>
  ) : (
    <Trans>
      {name}, a vocabulary of {of}
    </Trans>
  );
}
