import { lazy, Suspense } from 'react';
import { Navigate, Route, Routes } from 'react-router';
import { OutboxProvider } from '../api/OutboxProvider';
import { useMe } from '../api/session';
import { Failed, Loading } from '../design/StateNote';
import { SignInPage } from '../features/session';
import { Shell } from './Shell';

const athletes = () => import('../features/athletes');
const ropes = () => import('../features/ropes');
const classHour = () => import('../features/class');
const sets = () => import('../features/sets');
const pacing = () => import('../features/pacing');
const log = () => import('../features/log');
const places = () => import('../features/places');
const ClassPage = lazy(() => classHour().then((door) => ({ default: door.ClassPage })));
const SetsPage = lazy(() => sets().then((door) => ({ default: door.SetsPage })));
const PacingPage = lazy(() => pacing().then((door) => ({ default: door.PacingPage })));
const LogPage = lazy(() => log().then((door) => ({ default: door.LogPage })));
const AthletesPage = lazy(() => athletes().then((door) => ({ default: door.AthletesPage })));
const AthletePage = lazy(() => athletes().then((door) => ({ default: door.AthletePage })));
const NewAthletePage = lazy(() => athletes().then((door) => ({ default: door.NewAthletePage })));
const RopesPage = lazy(() => ropes().then((door) => ({ default: door.RopesPage })));
const RopeBenchPage = lazy(() => ropes().then((door) => ({ default: door.RopeBenchPage })));
const ComingPlace = lazy(() => places().then((door) => ({ default: door.ComingPlace })));

/** Sign-in first; then the eight places. */
export function Routed() {
  const me = useMe();
  if (me.isPending) {
    return <Loading what="your gym" />;
  }
  if (me.isError) {
    return <Failed error={me.error} onRetry={() => void me.refetch()} />;
  }
  if (me.data.coach === null) {
    return <SignInPage />;
  }
  return (
    <OutboxProvider userId={me.data.coach.id}>
      <Shell>
        <Suspense fallback={<Loading what="the page" />}>
          <Routes>
            <Route path="/athletes" element={<AthletesPage />} />
            <Route path="/athletes/new" element={<NewAthletePage />} />
            <Route path="/athletes/:id" element={<AthletePage />} />
            <Route path="/ropes" element={<RopesPage />} />
            <Route path="/ropes/:athleteId" element={<RopeBenchPage />} />
            <Route path="/class" element={<ClassPage />} />
            <Route path="/rhythm" element={<ComingPlace place="rhythm" />} />
            <Route path="/sets" element={<SetsPage />} />
            <Route path="/pacing" element={<PacingPage />} />
            <Route path="/faults" element={<ComingPlace place="faults" />} />
            <Route path="/log" element={<LogPage />} />
            <Route path="*" element={<Navigate to="/class" replace />} />
          </Routes>
        </Suspense>
      </Shell>
    </OutboxProvider>
  );
}
