import { lazy, type ReactNode, StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { BrowserRouter, Route, Routes } from 'react-router';
import '../ui/look.css';
import '../ui/ownColours.css';
import { Database } from '../store/db';
import { follow } from '../store/follow';
import { PortsContext } from '../store/ports';
import { createStore } from '../store/store';
import { whyNot } from '../store/whyNot';
import { nameWindow } from '../store/window';
import { workerLearner } from '../workers/learner';
import { workerPlanner } from '../workers/planner';
import { workerScheduler } from '../workers/scheduler';
import { forgetHaste, hastenedClock, machineClock } from './clock';
import { serverInstruments } from './instruments';
import { keepApp } from './keepApp';
import { machineRing } from './ring';
import { Shell } from './Shell';

const loadPlan = () => import('../views/plan/PlanView');
const loadPot = () => import('../views/pot/PotView');
const PlanView = lazy(loadPlan);
const PotView = lazy(loadPot);
const BookView = lazy(() => import('../views/book/BookView'));
const MakePage = lazy(() => import('../views/book/MakePage'));
const BesideView = lazy(() => import('../views/book/BesideView'));
const KitchenView = lazy(() => import('../views/kitchen/KitchenView'));
const ReckonView = lazy(() => import('../views/reckon/ReckonView'));
const MethodsView = lazy(() => import('../views/methods/MethodsView'));
const ShelfView = lazy(() => import('../views/shelf/ShelfView'));
const WeekView = lazy(() => import('../views/week/WeekView'));
const PractiseView = lazy(() => import('../views/pot/practise/PractiseView'));
const FirstView = lazy(() => import('./FirstView'));

/** Every view at its address. */
const ROUTES: readonly (readonly [path: string, view: ReactNode])[] = [
  ['/', <FirstView key="first" />],
  ['/plan', <PlanView key="plan" />],
  ['/pot', <PotView key="pots" />],
  ['/pot/:id', <PotView key="pot" />],
  ['/book', <BookView key="book" />],
  ['/book/beside', <BesideView key="beside" />],
  ['/book/:id', <MakePage key="make" />],
  ['/week', <WeekView key="week" />],
  ['/practise', <PractiseView key="practise" />],
  ['/kitchen', <KitchenView key="kitchen" />],
  ['/shelf', <ShelfView key="shelf" />],
  ['/reckon/:name?', <ReckonView key="reckon" />],
  ['/methods/:id?', <MethodsView key="methods" />],
  ['*', <FirstView key="nowhere" />],
];

/** Says what could not be kept or followed; loaded only when there is something to say. */
const tell = (error: unknown) => {
  console.error(error);
  void import('../views/common/written').then(({ sayUnwritten }) => sayUnwritten('What was changed', error));
};

/** Puts a sentence in the place of everything, where nothing can be opened. */
function inPlace(text: string) {
  const root = document.getElementById('root');
  if (root) root.textContent = text;
}

/** A database belongs to one version at a time: the older window makes way, and says so. */
function makeWay(db: Database) {
  db.on('blocked', () =>
    inPlace(
      'Another window of Plump Pail is open with an older version of it. Close that window, or reload it; this one goes on by itself.',
    ),
  );
  db.on('versionchange', () => {
    void import('../views/common/written').then(({ say }) =>
      say(
        'A newer version of Plump Pail is open in another window. Reload this one before you note anything more.',
      ),
    );
  });
}

const isDemo = document.documentElement.dataset.kitchen === 'demo';

/** The demo's makes, as they were enacted when the app was built. */
const loadDemo = async () => (await fetch('/demo.json')).json();

/** Fetches the view that will be wanted while the store is still being opened. */
function fetchView() {
  const load = location.pathname.startsWith('/pot')
    ? loadPot
    : /^\/(plan)?$/.test(location.pathname)
      ? loadPlan
      : null;
  // Where it fails now it is asked for again, and then says so in its place.
  load?.().catch(() => undefined);
}

async function begin() {
  fetchView();
  const laying = isDemo ? import('./demo/lay') : null;
  const root = document.getElementById('root');
  if (!root) throw new Error('the page has no root');
  const db = new Database();
  makeWay(db);
  await db.openOwn();
  const clock = isDemo ? hastenedClock() : machineClock;
  const laid = await laying;
  await laid?.layDemo(db, clock, loadDemo);
  const startOver = laid
    ? () => {
        forgetHaste();
        return laid.startOver(db, machineClock, loadDemo);
      }
    : null;
  const mine = await nameWindow({ own: sessionStorage, locks: navigator.locks });
  const store = createStore(db, clock, mine, tell);
  await follow(db, store, mine, tell);
  void navigator.storage?.persist?.();
  createRoot(root).render(
    <StrictMode>
      <PortsContext
        value={{
          clock,
          planner: workerPlanner(),
          learner: workerLearner(db.name),
          scheduler: workerScheduler(),
          instruments: serverInstruments(clock),
          db,
          ring: machineRing(),
          startOver,
        }}
      >
        <Provider store={store}>
          <BrowserRouter>
            <Routes>
              <Route element={<Shell />}>
                {ROUTES.map(([path, view]) => (
                  <Route key={path} path={path} element={view} />
                ))}
              </Route>
            </Routes>
          </BrowserRouter>
        </Provider>
      </PortsContext>
    </StrictMode>,
  );
}

if (import.meta.env.PROD)
  keepApp(() => {
    void import('../views/common/written').then(({ tellStays }) =>
      tellStays(
        'A newer version of Plump Pail is here. It comes when every window of it has been closed: nothing changes under a make.',
      ),
    );
  });

begin().catch((error: unknown) => {
  inPlace(
    `Plump Pail could not open its data on this device: ${whyNot(error)}. If this is a private window, open an ordinary one. Nothing has been deleted.`,
  );
  console.error(error);
});
