import { useQuery, type QueryClient } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import { matchPath, Route, Routes } from 'react-router';
import { sentence } from './api/client';
import { allBoards, vocabulary } from './data/boards';
import { revealed } from './data/plan';
import { session } from './data/session';
import { talkAt } from './pack/talkAt';
import { page } from './shell/page';
import parts from './shell/parts.module.css';

const Talk = page(() => import('./features/talk/Talk'));
const ShowPage = page(() => import('./features/showing/ShowPage'));
const Inside = page(() => import('./Inside'));
const SignInPage = page(() => import('./features/account/SignIn'));
/** Not before the page is there: it is needed when somebody was signed out meanwhile. */
const SignInAgain = lazy(async () => {
  await new Promise((later) => setTimeout(later));
  return import('./features/account/SignInAgain');
});

const TALK = '/vocabularies/:vocabulary/talk';
const SHOW = '/lists/:list/show';

/** Asks for all at once that is needed first at an address, before anything is drawn: whoever talks has waited longest. */
export async function ready(queries: QueryClient, address: string): Promise<void> {
  const who = async () => {
    await queries.prefetchQuery(session);
    if (!queries.getQueryData(session.queryKey)?.account) await SignInPage.load();
  };
  const talk = talkAt(address);
  const first = talk !== undefined ? Talk : matchPath(SHOW, address) ? ShowPage : Inside;
  if (talk !== undefined) {
    const shown = async () => queries.prefetchQuery(revealed(talk, (await queries.fetchQuery(vocabulary(talk))).version));
    shown().catch(() => undefined);
    void queries.prefetchQuery({ ...allBoards(talk), staleTime: Infinity });
  }
  await Promise.all([who(), first.load()]);
}

/** Which page stands at which address. Signed out, every address is the sign-in page, and comes back after it. */
export function App() {
  const { data, error } = useQuery(session);
  if (error)
    return (
      <main className={parts.lone}>
        <p role="alert">{sentence(error)}</p>
      </main>
    );
  if (!data) return null;
  return (
    <Suspense fallback={null}>
      {data.account ? (
        <>
          <Routes>
            <Route path={TALK} element={<Talk />} />
            <Route path={SHOW} element={<ShowPage />} />
            <Route path="*" element={<Inside account={data.account} />} />
          </Routes>
          <Suspense fallback={null}>
            <SignInAgain />
          </Suspense>
        </>
      ) : (
        <SignInPage view={data} />
      )}
    </Suspense>
  );
}
