import { t } from '@lingui/core/macro';
import { Button, Modal } from 'antd';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { dayAndTime } from '../../shell/time';
import { endJob, forgetJob, jobs as jobsQuery } from '../../data/jobs';
import { linkTo, stateInWords } from '../../data/told';
import type { Job } from '../../api/types';
import css from './job.module.css';
import parts from '../../shell/parts.module.css';

/** One's long work of the last day, with what came of it. */
export function WorkOfToday({ onClose }: { onClose: () => void }) {
  const queries = useQueryClient();
  const { data: jobs } = useQuery({ ...jobsQuery, staleTime: 0 });
  const away = (job: Job) =>
    void (job.state === 'RUNNING' ? endJob(job.id) : forgetJob(job.id)).then(() => queries.invalidateQueries({ queryKey: jobsQuery.queryKey }));
  return (
    <Modal open title={t`Work of today`} footer={null} onCancel={onClose} width={640}>
      {jobs?.length === 0 && <p>{t`Books of boards, sheets of a class and packages that are made for you are kept here for a day.`}</p>}
      <ul className={css.jobs} aria-label={t`Work of today, the latest first`}>
        {jobs?.map((job) => (
          <li key={job.id}>
            <span>
              <strong>{job.what}</strong>, {stateInWords(job)} <span className={parts.quiet}>{dayAndTime(job.at)}</span>
            </span>
            {job.file && <a {...linkTo(job)}>{t`Open it`}</a>}
            <Button size="small" onClick={() => away(job)} aria-label={`${job.state === 'RUNNING' ? t`End` : t`Forget`} ${job.what}`}>
              {job.state === 'RUNNING' ? t`End it` : t`Forget it`}
            </Button>
          </li>
        ))}
      </ul>
    </Modal>
  );
}
