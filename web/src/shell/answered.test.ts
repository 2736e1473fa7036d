import { queryOptions, QueryClient, QueryObserver } from '@tanstack/react-query';
import { expect, it } from 'vitest';
import { answered } from './answered';

const settled = () => new Promise((then) => setTimeout(then));

it('what a change was answered with is not replaced by an older answer that comes later, and is asked for anew', async () => {
  const queries = new QueryClient();
  const asked: ((team: string[]) => void)[] = [];
  const team = queryOptions({ queryKey: ['team'], queryFn: () => new Promise<string[]>((then) => asked.push(then)) });
  const seen = new QueryObserver(queries, team);
  seen.subscribe(() => undefined);
  await settled();
  answered(queries, team.queryKey, ['Odile', 'Marit']);
  asked[0](['Odile']);
  await settled();
  expect(seen.getCurrentResult().data).toEqual(['Odile', 'Marit']);
  expect(asked).toHaveLength(2);
  asked[1](['Odile', 'Marit', 'Joris']);
  await settled();
  expect(seen.getCurrentResult()).toMatchObject({ fetchStatus: 'idle', data: ['Odile', 'Marit', 'Joris'] });
  queries.clear();
});

it('asks nothing more when nothing was being asked', async () => {
  const queries = new QueryClient();
  let times = 0;
  const team = queryOptions({ queryKey: ['team'], queryFn: async () => [`asked ${++times}`] });
  const seen = new QueryObserver(queries, team);
  seen.subscribe(() => undefined);
  await settled();
  answered(queries, team.queryKey, ['Odile']);
  await settled();
  expect(seen.getCurrentResult().data).toEqual(['Odile']);
  expect(times).toBe(1);
  queries.clear();
});
