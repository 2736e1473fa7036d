import { queryOptions } from '@tanstack/react-query';
import { forgetDays } from './dayHere';
import { forgetLately } from './lately';
import { forgetSaid } from './saidToday';
import { forgetMessages } from './saidLately';
import { answer, client } from '../api/client';
import { dropAll } from '../pack/store';
import { sendLater } from './later';

export const session = queryOptions({
  queryKey: ['session'],
  queryFn: () => answer(client.GET('/api/session')),
  staleTime: Infinity,
});

export const signIn = (signIn: string, password: string) => answer(client.POST('/api/session', { body: { signIn, password } }));
export const signInToDemo = (signIn: string) => answer(client.POST('/api/session/demo', { body: { signIn } }));
/** What the school prints on, and so the unit of lengths. */
export const payWith = (money: string) => answer(client.PUT('/api/session/school-money', { body: { money } }));
export const printOn = (paper: 'A4' | 'LETTER') => answer(client.PUT('/api/session/school-paper', { body: { paper } }));
/** @param account whose is sent what was kept on this device to be sent later */
export const signOut = async (account: number) => {
  forgetSaid(true);
  forgetMessages(true);
  forgetLately();
  forgetDays(true);
  if ('indexedDB' in window) await sendLater(account).catch(() => undefined);
  // Talk packs are for who is signed in.
  await dropAll().catch(() => undefined);
  return answer(client.DELETE('/api/session'));
};
