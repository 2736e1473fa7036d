import { queryOptions } from '@tanstack/react-query';
import { answer, client } from '../api/client';

/** Everybody who can sign in; for whoever looks after the accounts. */
export const accounts = queryOptions({
  queryKey: ['accounts'],
  queryFn: () => answer(client.GET('/api/accounts')),
});

export const makeAccount = (made: { signIn: string; name: string; work: string; password: string }) => answer(client.POST('/api/accounts', { body: made }));

/** Lets somebody look after the accounts too, or no longer. */
export const keeping = (signIn: string, keeps: boolean) =>
  keeps
    ? answer(client.PUT('/api/accounts/{signIn}/keeping', { params: { path: { signIn } } }))
    : answer(client.DELETE('/api/accounts/{signIn}/keeping', { params: { path: { signIn } } }));
