import { lazy, StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { BrowserRouter, Route, Routes } from 'react-router';
import { Database } from '../store/db';
import { follow } from '../store/follow';
import { PortsContext } from '../store/ports';
import { createStore } from '../store/store';
import { whyNot } from '../store/whyNot';
import { nameWindow } from '../store/window';
import { painted } from '../ui/afterFrame';
import { holdPresses } from '../ui/press';
import { workerArchive } from '../workers/archive';
import { workerLearner } from '../workers/learner';
import { workerPlanner } from '../workers/planner';
import { workerScheduler } from '../workers/scheduler';
import { forgetHaste, hastenedClock, machineClock } from './clock';
import { serverInstruments } from './instruments';
import { keepApp } from './keepApp';
import { watchQuiet } from './quiet';
import { ranHere } from './ran';
import { machineRing } from './ring';
import { Shell } from './Shell';
import { fetched, fetchedFirst, VIEWS } from './views';

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

/** The first view has had the machine to itself at the latest so long after it was opened, ms. */
const SHOWN_WITHIN_MS = 3000;

/** What runs is drawn at the latest so long after it was read, ms. */
const DRAWN_WITHIN_MS = 500;

/** Views that stand empty until the makes are there, and those of them that stand with what runs. */
const SHOWS_MAKES = /^\/(book|pot)/;
const SHOWS_RUNNING = /^\/pot/;

const isDemo = document.documentElement.dataset.kitchen === 'demo';

/** A view at its address: drawn at once where it is here already, and fetched when it is wanted. */
const routes = () =>
  VIEWS.map(([path, load]) => {
    const View = fetched(load) ?? lazy(load);
    return <Route key={path} path={path} element={<View />} />;
  });

async function begin() {
  const laying = isDemo ? import('./demo/lay') : null;
  const root = document.getElementById('root');
  if (!root) throw new Error('the page has no root');
  const db = new Database();
  makeWay(db);
  await db.openOwn();
  const clock = isDemo ? hastenedClock() : machineClock;
  const laid = await laying;
  await laid?.layKitchen(db, clock.wall());
  const startOver = laid
    ? () => {
        forgetHaste();
        return laid.startOver(db, machineClock);
      }
    : null;
  const mine = await nameWindow({ own: sessionStorage, locks: navigator.locks });
  const store = createStore(db, clock, mine, tell, painted);
  // The demo's makes are laid while the first view is being drawn.
  await follow(db, store, mine, tell, laid?.makesLaid(db, clock.wall()), {
    atOnce: SHOWS_MAKES.test(location.pathname),
    runningFirst: SHOWS_RUNNING.test(location.pathname),
    ran: ranHere,
    drawn: () => atRest(DRAWN_WITHIN_MS),
  });
  await fetchedFirst();
  void navigator.storage?.persist?.();
  holdPresses(document);
  const quiet = watchQuiet(window);
  createRoot(root).render(
    <StrictMode>
      <PortsContext
        value={{
          clock,
          planner: workerPlanner(),
          learner: workerLearner(db.name, quiet),
          scheduler: workerScheduler(),
          archive: workerArchive(db.name),
          instruments: serverInstruments(clock),
          db,
          ring: machineRing(),
          quiet,
          startOver,
        }}
      >
        <Provider store={store}>
          <BrowserRouter>
            <Routes>
              <Route element={<Shell />}>{routes()}</Route>
            </Routes>
          </BrowserRouter>
        </Provider>
      </PortsContext>
    </StrictMode>,
  );
  return quiet;
}

/** The machine has nothing else to do, or has had enough time for it. */
const atRest = (withinMs: number) =>
  new Promise<void>((resolve) => {
    if (typeof requestIdleCallback === 'undefined') setTimeout(resolve, withinMs);
    else requestIdleCallback(() => resolve(), { timeout: withinMs });
  });

/** Keeps the app on this device, once the first view no longer needs the machine and nobody is typing: it has all of it fetched. */
function keepLater(quiet: () => Promise<void>) {
  if (!import.meta.env.PROD) return;
  const keep = () =>
    keepApp(() => {
      void import('../views/common/written').then(({ tellStays }) =>
        tellStays(
          'A newer version of Plump Pail is here. It comes when every window of it has been closed: nothing changes under a make.',
        ),
      );
    });
  void atRest(SHOWN_WITHIN_MS).then(quiet).then(keep);
}

begin()
  .then(keepLater)
  .catch((error: unknown) => {
    inPlace(
      `Plump Pail could not open its data on this device: ${whyNot(error)}. If this is a private window, open an ordinary one. Nothing has been deleted.`,
    );
    console.error(error);
  });
