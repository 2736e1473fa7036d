import { t } from '@lingui/core/macro';
import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import { Link, Navigate, Route, Routes } from 'react-router';
import { sentence } from './api/client';
import { session } from './data/session';
import { SignInAgain, SignInPage } from './features/account';
import { Caseload } from './features/student';
import { Shell } from './Shell';
import parts from './shell/parts.module.css';

const Starters = lazy(() => import('./features/starter/Starters'));
const Bench = lazy(() => import('./features/bench/BenchPage'));
const Map = lazy(() => import('./features/map/MapPage'));
const ShowPage = lazy(() => import('./features/showing/ShowPage'));
const MakePages = lazy(() => import('./features/showing/Pages'));
const Talk = lazy(() => import('./features/talk/Talk'));
const Pictures = lazy(() => import('./features/picture/Pictures'));
const OwnPictures = lazy(() => import('./features/picture/OwnPictures'));
const Print = lazy(() => import('./features/sheet/Print'));
const StudentPage = lazy(() => import('./features/student/StudentPage'));
const TalkSettings = lazy(() => import('./features/access/TalkSettings'));
const FirstBoard = lazy(() => import('./features/first/FirstBoard'));
const FirstTable = lazy(() => import('./features/first/FirstTable'));
const StepUp = lazy(() => import('./features/first/StepUp'));
const FirstPage = lazy(() => import('./features/first/FirstPage'));
const Where = lazy(() => import('./features/where/Where'));
const Lists = lazy(() => import('./features/wordlist/Lists'));
const ListPage = lazy(() => import('./features/wordlist/ListPage'));
const Notices = lazy(() => import('./features/notice/Notices'));

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
  if (!data.account) return <SignInPage view={data} />;
  return (
    <Suspense fallback={null}>
      <SignInAgain />
      <Routes>
        <Route path="/vocabularies/:vocabulary/talk" element={<Talk />} />
        <Route path="/lists/:list/show" element={<ShowPage />} />
        <Route
          path="*"
          element={
            <Shell account={data.account}>
              <Pages />
            </Shell>
          }
        />
      </Routes>
    </Suspense>
  );
}

function Pages() {
  return (
    <Suspense fallback={null}>
      <Routes>
        <Route path="/" element={<Navigate to="/caseload" replace />} />
        <Route path="/sign-in" element={<Navigate to="/caseload" replace />} />
        <Route path="/caseload" element={<Caseload />} />
        <Route path="/students/:student" element={<StudentPage />} />
        <Route path="/students/:student/start" element={<Starters />} />
        <Route path="/students/:student/first" element={<FirstBoard />} />
        <Route path="/students/:student/first/:vocabulary" element={<FirstBoard />} />
        <Route path="/students/:student/first/:vocabulary/on" element={<StepUp />} />
        <Route path="/students/:student/talking" element={<TalkSettings />} />
        <Route path="/first-boards" element={<FirstTable />} />
        <Route path="/first-boards/:series" element={<FirstPage />} />
        <Route path="/where" element={<Where />} />
        <Route path="/vocabularies/:vocabulary" element={<Bench />} />
        <Route path="/vocabularies/:vocabulary/boards/:board" element={<Bench />} />
        <Route path="/vocabularies/:vocabulary/boards/:board/print" element={<Print />} />
        <Route path="/vocabularies/:vocabulary/map" element={<Map />} />
        <Route path="/vocabularies/:vocabulary/print" element={<Print />} />
        <Route path="/pictures" element={<Pictures />} />
        <Route path="/pictures/own" element={<OwnPictures />} />
        <Route path="/lists" element={<Lists />} />
        <Route path="/lists/:list/pages" element={<MakePages />} />
        <Route path="/lists/:list" element={<ListPage />} />
        <Route path="/notices" element={<Notices />} />
        <Route
          path="*"
          element={
            <main className={parts.lone}>
              <h1>{t`There is no page here`}</h1>
              <p>
                <Link to="/caseload">{t`Back to the caseload`}</Link>
              </p>
            </main>
          }
        />
      </Routes>
    </Suspense>
  );
}
