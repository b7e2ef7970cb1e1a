import { lazy, Suspense, useSyncExternalStore } from 'react';
import { Route, Routes } from 'react-router';
import { isLocked, onLock } from '../api/lock';
import { Loading } from '../ui/Notice';
import { Boundary } from './Boundary';
import { Shell } from './Shell';

const Book = lazy(() => import('../rooms/book/Book'));
const NewRecipe = lazy(() => import('../rooms/begin/NewRecipe'));
const AskForLook = lazy(() => import('../rooms/begin/AskForLook'));
const GuestChoose = lazy(() => import('../rooms/begin/GuestChoose'));
const Section = lazy(() => import('../rooms/section/Section'));
const Mixing = lazy(() => import('../rooms/mix/Mixing'));
const Boards = lazy(() => import('../rooms/boards/Boards'));
const BoardRoom = lazy(() => import('../rooms/boards/BoardRoom'));
const BoardBacks = lazy(() => import('../rooms/boards/BoardBacks'));
const GuestLook = lazy(() => import('../rooms/boards/GuestLook'));
const Pots = lazy(() => import('../rooms/shelf/Pots'));
const PotLabel = lazy(() => import('../rooms/shelf/PotLabel'));
const BuyList = lazy(() => import('../rooms/shelf/BuyList'));
const Days = lazy(() => import('../rooms/days/Days'));
const BenchRoom = lazy(() => import('../rooms/bench/BenchRoom'));
const Logbook = lazy(() => import('../rooms/logbook/Logbook'));
const Eye = lazy(() => import('../rooms/logbook/Eye'));
const Beside = lazy(() => import('../rooms/logbook/CompareJobs'));
const RunMade = lazy(() => import('../rooms/logbook/JobReport'));
const Care = lazy(() => import('../rooms/logbook/Care'));
const Shelf = lazy(() => import('../rooms/shelf/Shelf'));
const StudioSettings = lazy(() => import('../rooms/settings/StudioSettings'));
const Sheet = lazy(() => import('../rooms/sheet/Sheet'));
const LockedDoor = lazy(() => import('./LockedDoor'));
const Lost = lazy(() => import('./Lost'));

export function App() {
  const locked = useSyncExternalStore(onLock, isLocked);
  return (
    <Boundary>
      <Suspense fallback={<Loading what="the page" />}>
        <Routes>
          <Route path="/recipes/:id/sheet" element={<Sheet />} />
          <Route path="/logbook/:id/care" element={<Care />} />
          <Route path="/shelf/pots/:id/label" element={<PotLabel />} />
          <Route path="/boards/:id/backs" element={<BoardBacks />} />
          <Route path="/choose/:secret" element={<GuestChoose />} />
          <Route path="/look/:secret" element={<GuestLook />} />
          <Route element={<Shell />}>
            <Route path="/" element={<Book />} />
            <Route path="/recipes/new" element={<NewRecipe />} />
            <Route path="/recipes/new/look" element={<AskForLook />} />
            <Route path="/recipes/:id/:room?" element={<Section />} />
            <Route path="/mix" element={<Mixing />} />
            <Route path="/boards" element={<Boards />} />
            <Route path="/boards/:id/:view?" element={<BoardRoom />} />
            <Route path="/days" element={<Days />} />
            <Route path="/bench/:id" element={<BenchRoom />} />
            <Route path="/logbook" element={<Logbook />} />
            <Route path="/logbook/eye" element={<Eye />} />
            <Route path="/logbook/:id" element={<RunMade />} />
            <Route path="/logbook/:id/compare/:other" element={<Beside />} />
            <Route path="/shelf" element={<Shelf />} />
            <Route path="/shelf/pots/:id?" element={<Pots />} />
            <Route path="/shelf/buy" element={<BuyList />} />
            <Route path="/settings" element={<StudioSettings />} />
            <Route path="*" element={<Lost />} />
          </Route>
        </Routes>
      </Suspense>
      {locked && (
        <Suspense>
          <LockedDoor />
        </Suspense>
      )}
    </Boundary>
  );
}
