import { queryOptions } from '@tanstack/react-query';
import { answer, client, done } from '../api/client';

const OFTEN = 300;

/** A piece of work, asked about again and again while it is being done. */
export const job = (id: number) =>
  queryOptions({
    queryKey: ['job', id],
    queryFn: () => answer(client.GET('/api/jobs/{job}', { params: { path: { job: id } } })),
    refetchInterval: ({ state }) => (state.data?.state === 'RUNNING' ? OFTEN : false),
  });

/** One's own of the last day, the latest first. */
export const jobs = queryOptions({
  queryKey: ['jobs'],
  queryFn: () => answer(client.GET('/api/jobs')),
  refetchInterval: ({ state }) => (state.data?.some((j) => j.state === 'RUNNING') ? OFTEN : false),
});

/** Ends what is being done. If it is done by then, its result stays. */
export const endJob = (id: number) => done(client.DELETE('/api/jobs/{job}', { params: { path: { job: id }, query: { running: true } } }));

/** Forgets what is done. */
export const forgetJob = (id: number) => done(client.DELETE('/api/jobs/{job}', { params: { path: { job: id } } }));
