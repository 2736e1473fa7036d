import { t } from '@lingui/core/macro';
import { App } from 'antd';
import { Suspense, useEffect } from 'react';
import { Link, Navigate, Route, Routes } from 'react-router';
import type { Account } from './api/types';
import { Caseload } from './features/student';
import { Shell } from './Shell';
import { page } from './shell/page';
import parts from './shell/parts.module.css';

const Starters = page(() => import('./features/starter/Starters'));
const Bench = page(() => import('./features/bench/BenchPage'));
const Map = page(() => import('./features/map/MapPage'));
const BringBoards = page(() => import('./features/arrival/BringBoards'));
const Regrid = page(() => import('./features/regrid/RegridPage'));
const Passage = page(() => import('./features/passage/PassagePage'));
const Sizes = page(() => import('./features/sizes/SizesPage'));
const Pointing = page(() => import('./features/pointing/PointingPage'));
const MakePages = page(() => import('./features/showing/Pages'));
const Pictures = page(() => import('./features/picture/Pictures'));
const OwnPictures = page(() => import('./features/picture/OwnPictures'));
const Print = page(() => import('./features/sheet/Print'));
const StudentPage = page(() => import('./features/student/StudentPage'));
const TalkSettings = page(() => import('./features/access/TalkSettings'));
const FirstBoard = page(() => import('./features/first/FirstBoard'));
const FirstTable = page(() => import('./features/first/FirstTable'));
const StepUp = page(() => import('./features/first/StepUp'));
const FirstPage = page(() => import('./features/first/FirstPage'));
const Where = page(() => import('./features/where/Where'));
const Lists = page(() => import('./features/wordlist/Lists'));
const ListPage = page(() => import('./features/wordlist/ListPage'));
const Notices = page(() => import('./features/notice/Notices'));

/** What stands below the bar, at each address. */
export default function Inside({ account }: { account: Account }) {
  const { message } = App.useApp();
  // What was told here does not cover what a student talks with.
  useEffect(() => () => message.destroy(), [message]);
  return (
    <Shell account={account}>
      <Pages />
    </Shell>
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
        <Route path="/students/:student/sizes" element={<Sizes />} />
        <Route path="/students/:student/pointing" element={<Pointing />} />
        <Route path="/students/:student/talking" element={<TalkSettings />} />
        <Route path="/first-boards" element={<FirstTable />} />
        <Route path="/first-boards/:series" element={<FirstPage />} />
        <Route path="/where" element={<Where />} />
        <Route path="/vocabularies/:vocabulary" element={<Bench />} />
        <Route path="/vocabularies/:vocabulary/boards/:board" element={<Bench />} />
        <Route path="/vocabularies/:vocabulary/boards/:board/print" element={<Print />} />
        <Route path="/vocabularies/:vocabulary/arrivals" element={<BringBoards />} />
        <Route path="/vocabularies/:vocabulary/regrid" element={<Regrid />} />
        <Route path="/vocabularies/:vocabulary/passage" element={<Passage />} />
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
