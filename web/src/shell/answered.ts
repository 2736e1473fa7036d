import type { DataTag, QueryClient, QueryKey } from '@tanstack/react-query';

/**
 * Shows what a change was answered with. An older answer that is still on its way no longer takes its place; whatever it was asked for
 * (a colleague may have changed something since) is asked anew.
 */
export function answered<T>(queries: QueryClient, key: DataTag<QueryKey, T, Error>, now: NoInfer<T>): void {
  const which = { queryKey: key, exact: true };
  const asking = queries.isFetching(which) > 0;
  void queries.cancelQueries(which);
  queries.setQueryData<T>(key, now);
  if (asking) void queries.invalidateQueries(which);
}
