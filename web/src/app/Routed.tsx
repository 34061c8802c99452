import { lazy, Suspense } from 'react';
import { Navigate, Outlet, Route, Routes, useLocation } from 'react-router';
import { OutboxProvider } from '../api/OutboxProvider';
import { useMe } from '../api/session';
import { Failed, Loading } from '../design/page/StateNote';
import { isLinked, LinkedPhone } from './LinkedPhone';
import { NotFoundPage } from './NotFoundPage';
import { Shell } from './Shell';
import { AthleteStoryPage, ClassStoryPage, QuestionsPage } from './storyPages';

const signIn = () => import('../features/sign-in');
const athletes = () => import('../features/athletes');
const ropes = () => import('../features/rope-desk');
const classHour = () => import('../features/class-hour');
const sets = () => import('../features/sets');
const pacing = () => import('../features/pacing');
const faults = () => import('../features/faults');
const health = () => import('../features/health');
const exchange = () => import('../features/exchange');
const log = () => import('../features/log');
const rhythm = () => import('../features/rhythm');
const ownGym = () => import('../features/own-gym');
const path = () => import('../features/path');
const planner = () => import('../features/planner');
const ownCard = () => import('../features/own-card');
const Dressed = lazy(() => import('../design/page/Dressed').then((door) => ({ default: door.Dressed })));
const SignInPage = lazy(() => signIn().then((door) => ({ default: door.SignInPage })));
const YouPage = lazy(() => signIn().then((door) => ({ default: door.YouPage })));
const BeginPage = lazy(() => ownGym().then((door) => ({ default: door.BeginPage })));
const JoinPage = lazy(() => ownGym().then((door) => ({ default: door.JoinPage })));
const ApiPage = lazy(() => ownGym().then((door) => ({ default: door.ApiPage })));
const ChangesPage = lazy(() => ownGym().then((door) => ({ default: door.ChangesPage })));
const PeoplePage = lazy(() => ownGym().then((door) => ({ default: door.PeoplePage })));
const HelpPage = lazy(() => ownGym().then((door) => ({ default: door.HelpPage })));
const SettingsPage = lazy(() => ownGym().then((door) => ({ default: door.SettingsPage })));
const PlacePage = lazy(() =>
  classHour()
    .then((door) => door.placeDoor())
    .then((door) => ({ default: door.PlacePage })),
);
const PlanPage = lazy(() =>
  planner()
    .then((door) => door.planDoor())
    .then((door) => ({ default: door.PlanPage })),
);
const WeeksPage = lazy(() =>
  planner()
    .then((door) => door.weeksDoor())
    .then((door) => ({ default: door.WeeksPage })),
);
const AthleteWeeksPage = lazy(() =>
  planner()
    .then((door) => door.athleteWeeksDoor())
    .then((door) => ({ default: door.AthleteWeeksPage })),
);
const OnePracticePage = lazy(() =>
  planner()
    .then((door) => door.onePracticeDoor())
    .then((door) => ({ default: door.OnePracticePage })),
);
const RoutinePage = lazy(() =>
  planner()
    .then((door) => door.routineDoor())
    .then((door) => ({ default: door.RoutinePage })),
);
const NotesPage = lazy(() =>
  classHour()
    .then((door) => door.notesDoor())
    .then((door) => ({ default: door.NotesPage })),
);
const ClockPage = lazy(() =>
  classHour()
    .then((door) => door.clockDoor())
    .then((door) => ({ default: door.ClockPage })),
);
const AfterPage = lazy(() =>
  classHour()
    .then((door) => door.afterDoor())
    .then((door) => ({ default: door.AfterPage })),
);
const WallPage = lazy(() =>
  classHour()
    .then((door) => door.wallDoor())
    .then((door) => ({ default: door.WallPage })),
);
const HandOutPage = lazy(() => ownCard().then((door) => ({ default: door.HandOutPage })));
const ClassPage = lazy(() => classHour().then((door) => ({ default: door.ClassPage })));
const SetsPage = lazy(() => sets().then((door) => ({ default: door.SetsPage })));
const GamesPage = lazy(() => sets().then((door) => ({ default: door.GamesPage })));
const PacingPage = lazy(() => pacing().then((door) => ({ default: door.PacingPage })));
const ClassTablePage = lazy(() => pacing().then((door) => ({ default: door.ClassTablePage })));
const RehearsalPage = lazy(() => pacing().then((door) => ({ default: door.RehearsalPage })));
const PacerPage = lazy(() => pacing().then((door) => ({ default: door.PacerPage })));
const CardsPage = lazy(() => pacing().then((door) => ({ default: door.CardsPage })));
const RunPage = lazy(() => sets().then((door) => ({ default: door.RunPage })));
const FaultsPage = lazy(() => faults().then((door) => ({ default: door.FaultsPage })));
const ExchangePage = lazy(() => exchange().then((door) => ({ default: door.ExchangePage })));
const EntriesPage = lazy(() => log().then((door) => ({ default: door.EntriesPage })));
const LoggedPage = lazy(() => log().then((door) => ({ default: door.LoggedPage })));
const LogPage = lazy(() => log().then((door) => ({ default: door.LogPage })));
const AthletesPage = lazy(() => athletes().then((door) => ({ default: door.AthletesPage })));
const AthletePage = lazy(() => athletes().then((door) => ({ default: door.AthletePage })));
const ListPage = lazy(() => athletes().then((door) => ({ default: door.ListPage })));
const ClearancePage = lazy(() => health().then((door) => ({ default: door.ClearancePage })));
const NewAthletePage = lazy(() => athletes().then((door) => ({ default: door.NewAthletePage })));
const RopesPage = lazy(() => ropes().then((door) => ({ default: door.RopesPage })));
const FirstRopesPage = lazy(() => ropes().then((door) => ({ default: door.FirstRopesPage })));
const RopeBenchPage = lazy(() => ropes().then((door) => ({ default: door.RopeBenchPage })));
const CablePage = lazy(() => ropes().then((door) => ({ default: door.CablePage })));
const CheckPage = lazy(() => ropes().then((door) => ({ default: door.CheckPage })));
const CutPage = lazy(() => ropes().then((door) => ({ default: door.CutPage })));
const OrderPage = lazy(() => ropes().then((door) => ({ default: door.OrderPage })));
const RackPage = lazy(() => ropes().then((door) => ({ default: door.RackPage })));
const RopeCardPage = lazy(() => ropes().then((door) => ({ default: door.RopeCardPage })));
const SharedPage = lazy(() => ropes().then((door) => ({ default: door.SharedPage })));
const TrimPage = lazy(() => ropes().then((door) => ({ default: door.TrimPage })));
const StripPage = lazy(() => ropes().then((door) => ({ default: door.StripPage })));
const PathPage = lazy(() => path().then((door) => ({ default: door.PathPage })));
const DrillsPage = lazy(() => path().then((door) => ({ default: door.DrillsPage })));
const TeachingPage = lazy(() => path().then((door) => ({ default: door.TeachingPage })));
const BeatPage = lazy(() => rhythm().then((door) => ({ default: door.BeatPage })));
const ExplorerPage = lazy(() => rhythm().then((door) => ({ default: door.ExplorerPage })));
const ListenPage = lazy(() => rhythm().then((door) => ({ default: door.ListenPage })));
const SensorPage = lazy(() => rhythm().then((door) => ({ default: door.SensorPage })));
const FramesPage = lazy(() => rhythm().then((door) => ({ default: door.FramesPage })));

/** Where the link of an invitation leads. */
const JOIN = '/join';

/** Sign-in first; then the eight places. */
export function Routed() {
  const me = useMe();
  const { pathname } = useLocation();
  // An athlete's phone: nobody signs in, and it goes on without network.
  if (isLinked(pathname)) {
    return <LinkedPhone pathname={pathname} />;
  }
  if (me.isPending) {
    return <Loading what="your gym" />;
  }
  if (me.isError) {
    return <Failed error={me.error} onRetry={() => void me.refetch()} />;
  }
  // Whoever holds a link may be signed in already, as somebody else.
  if (me.data.coach === null || pathname === JOIN) {
    return (
      <Suspense fallback={<Loading what="the way in" />}>
        <Dressed>
          <Routes>
            <Route path={JOIN} element={<JoinPage />} />
            <Route path="/set-up" element={<BeginPage />} />
            <Route path="*" element={<SignInPage />} />
          </Routes>
        </Dressed>
      </Suspense>
    );
  }
  return (
    <OutboxProvider userId={me.data.coach.id}>
      <Shell>
        <Suspense fallback={<Loading what="the page" />}>
          <Routes>
            <Route path="/class" element={<ClassPage />} />
            <Route
              element={
                <Dressed>
                  <Outlet />
                </Dressed>
              }
            >
              <Route path="/athletes" element={<AthletesPage />} />
              <Route path="/athletes/new" element={<NewAthletePage />} />
              <Route path="/athletes/list" element={<ListPage />} />
              <Route path="/athletes/:id" element={<AthletePage />} />
              <Route path="/athletes/:id/path" element={<PathPage />} />
              <Route path="/athletes/:id/card" element={<HandOutPage />} />
              <Route path="/athletes/:id/story" element={<AthleteStoryPage />} />
              <Route path="/athletes/:id/clearance/:cautionId" element={<ClearancePage />} />
              <Route path="/ropes" element={<RopesPage />} />
              <Route path="/ropes/first" element={<FirstRopesPage />} />
              <Route path="/ropes/strip" element={<StripPage />} />
              <Route path="/ropes/rack" element={<RackPage />} />
              <Route path="/ropes/orders" element={<OrderPage />} />
              <Route path="/ropes/cut" element={<CutPage />} />
              <Route path="/ropes/shared" element={<SharedPage />} />
              <Route path="/ropes/:athleteId" element={<RopeBenchPage />} />
              <Route path="/ropes/:athleteId/cable" element={<CablePage />} />
              <Route path="/ropes/:athleteId/check" element={<CheckPage />} />
              <Route path="/ropes/:athleteId/trim" element={<TrimPage />} />
              <Route path="/ropes/:athleteId/card" element={<RopeCardPage />} />
              <Route path="/rhythm" element={<BeatPage />} />
              <Route path="/rhythm/explorer" element={<ExplorerPage />} />
              <Route path="/rhythm/listen" element={<ListenPage />} />
              <Route path="/rhythm/sensor" element={<SensorPage />} />
              <Route path="/rhythm/frames" element={<FramesPage />} />
              <Route path="/sets" element={<SetsPage />} />
              <Route path="/sets/drills" element={<DrillsPage />} />
              <Route path="/sets/games" element={<GamesPage />} />
              <Route path="/sets/run" element={<RunPage />} />
              <Route path="/pacing" element={<PacingPage />} />
              <Route path="/pacing/class" element={<ClassTablePage />} />
              <Route path="/pacing/rehearsal" element={<RehearsalPage />} />
              <Route path="/pacing/run" element={<PacerPage />} />
              <Route path="/pacing/cards" element={<CardsPage />} />
              <Route path="/faults" element={<FaultsPage />} />
              <Route path="/log" element={<LogPage />} />
              <Route path="/log/entries" element={<LoggedPage />} />
              <Route path="/log/class" element={<ClassStoryPage />} />
              <Route path="/log/questions" element={<QuestionsPage />} />
              <Route path="/log/list" element={<EntriesPage />} />
              <Route path="/class/place/:athleteId" element={<PlacePage />} />
              <Route path="/class/notes" element={<NotesPage />} />
              <Route path="/class/plan" element={<PlanPage />} />
              <Route path="/class/weeks" element={<WeeksPage />} />
              <Route path="/athletes/:id/weeks" element={<AthleteWeeksPage />} />
              <Route path="/athletes/:id/practice" element={<OnePracticePage />} />
              <Route path="/athletes/:id/routine" element={<RoutinePage />} />
              <Route path="/class/clock" element={<ClockPage />} />
              <Route path="/class/after" element={<AfterPage />} />
              <Route path="/class/wall" element={<WallPage />} />
              <Route path="/gym" element={<Navigate to="/gym/settings" replace />} />
              <Route path="/gym/settings" element={<SettingsPage />} />
              <Route path="/gym/teaching" element={<TeachingPage />} />
              <Route path="/gym/people" element={<PeoplePage />} />
              <Route path="/gym/changes" element={<ChangesPage />} />
              <Route path="/gym/files" element={<ExchangePage />} />
              <Route path="/gym/help" element={<HelpPage />} />
              <Route path="/gym/help/api" element={<ApiPage />} />
              <Route path="/gym/help/:place" element={<HelpPage />} />
              <Route path="/gym/you" element={<YouPage />} />
            </Route>
            {/* Whoever has just made their gym: its athletes come next. */}
            <Route path="/set-up" element={<Navigate to="/athletes/list" replace />} />
            <Route path="/" element={<Navigate to="/class" replace />} />
            <Route path="*" element={<NotFoundPage />} />
          </Routes>
        </Suspense>
      </Shell>
    </OutboxProvider>
  );
}
