import { t } from '@lingui/core/macro';
import type { Job } from '../api/types';

/** A link to what came of it: pages open beside, other files are saved. */
export const linkTo = (job: Job) => ({
  href: `/api/jobs/${job.id}/result`,
  ...(job.file?.endsWith('.pdf') ? { target: '_blank', rel: 'noreferrer' } : { download: job.file }),
});

/** How far it is, in percent; undefined if nobody knows. */
export const percent = ({ done, of }: Pick<Job, 'done' | 'of'>) => (of > 0 ? Math.round((100 * done) / of) : undefined);

export function stateInWords(job: Job): string {
  switch (job.state) {
    case 'RUNNING':
      return job.of > 1 ? t`${job.done} of ${job.of} done` : t`being done`;
    case 'DONE':
      return 'done';
    case 'CANCELLED':
      return t`ended before it was done; nothing was changed`;
    case 'FAILED':
      return job.told ?? t`did not work`;
  }
}
