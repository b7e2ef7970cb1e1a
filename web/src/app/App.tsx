import { lazy, Suspense, useSyncExternalStore } from 'react';
import { Route, Routes } from 'react-router';
import { Loading } from '../shared/Notice';
import { Boundary } from './Boundary';
import { isLocked, onLock } from './lock';
import { Shell } from './Shell';

const Book = lazy(() => import('../areas/book/Book'));
const Section = lazy(() => import('../areas/section/Section'));
const Mixing = lazy(() => import('../areas/mixing/Mixing'));
const Boards = lazy(() => import('../areas/boards/Boards'));
const BoardRoom = lazy(() => import('../areas/boards/BoardRoom'));
const BoardBacks = lazy(() => import('../areas/boards/BoardBacks'));
const GuestLook = lazy(() => import('../areas/look/GuestLook'));
const Pots = lazy(() => import('../areas/pots/Pots'));
const PotLabel = lazy(() => import('../areas/pots/PotLabel'));
const BuyList = lazy(() => import('../areas/shelf/BuyList'));
const Days = lazy(() => import('../areas/days/Days'));
const BenchRoom = lazy(() => import('../areas/bench/BenchRoom'));
const Logbook = lazy(() => import('../areas/logbook/Logbook'));
const Beside = lazy(() => import('../areas/logbook/Beside'));
const RunMade = lazy(() => import('../areas/logbook/RunMade'));
const Care = lazy(() => import('../areas/logbook/Care'));
const Shelf = lazy(() => import('../areas/shelf/Shelf'));
const StudioSettings = lazy(() => import('../areas/settings/StudioSettings'));
const Sheet = lazy(() => import('../areas/sheet/Sheet'));
const LockedDoor = lazy(() => import('../areas/lock/LockedDoor'));
const Lost = lazy(() => import('./Lost'));

export function App() {
  const locked = useSyncExternalStore(onLock, isLocked);
  return (
    <Boundary>
      <Suspense fallback={<Loading what="the room" />}>
        <Routes>
          <Route path="/recipes/:id/sheet" element={<Sheet />} />
          <Route path="/logbook/:id/care" element={<Care />} />
          <Route path="/shelf/pots/:id/label" element={<PotLabel />} />
          <Route path="/boards/:id/backs" element={<BoardBacks />} />
          <Route path="/look/:secret" element={<GuestLook />} />
          <Route element={<Shell />}>
            <Route path="/" element={<Book />} />
            <Route path="/recipes/:id/:room?" element={<Section />} />
            <Route path="/mix" element={<Mixing />} />
            <Route path="/boards" element={<Boards />} />
            <Route path="/boards/:id/:view?" element={<BoardRoom />} />
            <Route path="/days" element={<Days />} />
            <Route path="/bench/:id" element={<BenchRoom />} />
            <Route path="/logbook" element={<Logbook />} />
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
