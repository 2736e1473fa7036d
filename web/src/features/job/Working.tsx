import { t } from '@lingui/core/macro';
import { App, Button, Modal, Progress } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { sentence } from '../../api/client';
import type { Job } from '../../api/types';
import { endJob, job as jobQuery } from '../../data/jobs';
import { percent, linkTo, stateInWords } from '../../data/told';
import parts from '../../shell/parts.module.css';

/**
 * Long work while it is being done: how far it is, a way to end it, and what came of it.
 * Whoever goes on with something else is still told when it is done, while the page is open.
 */
function Working({
  id,
  what,
  save,
  atOnce,
  onDone,
  onFailed,
  onClose,
}: {
  id: number;
  what: string;
  save: string;
  atOnce?: boolean;
  onDone?: (told: string) => void;
  onFailed?: () => void;
  onClose: () => void;
}) {
  const { data: job } = useQuery(jobQuery(id));
  const told = useRef(false);
  const [seen, setSeen] = useState(true);
  const running = !job || job.state === 'RUNNING';
  useEffect(() => {
    if (running || told.current) return;
    told.current = true;
    if (job.state === 'DONE') onDone?.(job.told ?? '');
    else onFailed?.();
    if (job.state === 'DONE' && atOnce && seen) window.location.assign(linkTo(job).href);
    if (!seen || (job.state === 'DONE' && onDone)) onClose();
  }, [running, seen, job, atOnce, onDone, onFailed, onClose]);
  return (
    <Modal
      open={seen}
      title={what}
      onCancel={() => (running ? setSeen(false) : onClose())}
      footer={
        running ? (
          <>
            <Button onClick={() => void endJob(id).then(onClose)}>{t`End it`}</Button>
            <Button onClick={() => setSeen(false)}>{t`Go on with something else`}</Button>
          </>
        ) : (
          <Button onClick={onClose}>{t`Close`}</Button>
        )
      }
    >
      {job && (
        <>
          <p role="status">{job.state === 'DONE' ? t`It is done, and kept for a day.` : stateInWords(job)}</p>
          {running && <Progress percent={percent(job) ?? 0} showInfo={false} aria-label={t`How far it is`} />}
          {job.state === 'DONE' && job.file && job.told && <p>{job.told}</p>}
          {job.file && (
            <a className={`${parts.door} ${parts.primary}`} {...linkTo(job)} onClick={onClose}>
              {save}
            </a>
          )}
          {running && <p className={parts.quiet}>{t`It is kept for a day, under “Work of today” behind your initial.`}</p>}
        </>
      )}
    </Modal>
  );
}

/**
 * Begins long work and shows it; what cannot be begun is said. `save`: words on the link to what came of it; `atOnce`: a file is saved without being
 * asked for again, while somebody waits for it.
 */
export function useWork(
  save: string,
  { onDone, onFailed, atOnce }: { onDone?: (told: string) => void; onFailed?: () => void; atOnce?: boolean } = {},
): [start: (begin: () => Promise<Job>) => void, shown: ReactNode] {
  const { message } = App.useApp();
  const [begun, setBegun] = useState<Job>();
  const start = (begin: () => Promise<Job>) => {
    void begin().then(setBegun, (error: unknown) => message.error(sentence(error), 6));
  };
  return [
    start,
    begun && (
      <Working
        key={begun.id}
        id={begun.id}
        what={begun.what}
        save={save}
        atOnce={atOnce}
        onDone={onDone}
        onFailed={onFailed}
        onClose={() => setBegun(undefined)}
      />
    ),
  ];
}
