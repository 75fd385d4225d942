import { lazy, StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { createBrowserRouter, RouterProvider } from 'react-router';
import '../ui/look.css';
import { Database } from '../store/db';
import { PortsContext } from '../store/ports';
import { createStore, follow } from '../store/store';
import { nameWindow } from '../store/window';
import { workerPlanner } from '../workers/planner';
import { forgetHaste, hastenedClock, machineClock } from './clock';
import { machineRing } from './ring';
import { Shell } from './Shell';

const PlanView = lazy(() => import('../views/plan/PlanView'));
const PotView = lazy(() => import('../views/pot/PotView'));
const BookView = lazy(() => import('../views/book/BookView'));
const MakePage = lazy(() => import('../views/book/MakePage'));
const KitchenView = lazy(() => import('../views/kitchen/KitchenView'));
const ReckonView = lazy(() => import('../views/reckon/ReckonView'));
const MethodsView = lazy(() => import('../views/methods/MethodsView'));
const ShelfView = lazy(() => import('../views/shelf/ShelfView'));
const FirstView = lazy(() => import('../views/common/FirstView'));

const router = createBrowserRouter([
  {
    element: <Shell />,
    children: [
      { path: '/', element: <FirstView /> },
      { path: '/plan', element: <PlanView /> },
      { path: '/pot', element: <PotView /> },
      { path: '/pot/:id', element: <PotView /> },
      { path: '/book', element: <BookView /> },
      { path: '/book/:id', element: <MakePage /> },
      { path: '/kitchen', element: <KitchenView /> },
      { path: '/shelf', element: <ShelfView /> },
      { path: '/reckon', element: <ReckonView /> },
      { path: '/reckon/:name', element: <ReckonView /> },
      { path: '/methods', element: <MethodsView /> },
      { path: '/methods/:id', element: <MethodsView /> },
      { path: '*', element: <FirstView /> },
    ],
  },
]);

async function begin() {
  const root = document.getElementById('root');
  if (!root) throw new Error('the page has no root');
  const db = new Database();
  const demo = document.documentElement.dataset.kitchen === 'demo';
  const clock = demo ? hastenedClock() : machineClock;
  const laid = demo ? await import('./demo/lay') : null;
  await laid?.layDemo(db, clock);
  const startOver = laid
    ? () => {
        forgetHaste();
        return laid.startOver(db, machineClock);
      }
    : null;
  const mine = await nameWindow({ own: sessionStorage, locks: navigator.locks });
  const store = createStore(db, clock, mine);
  await follow(db, store, mine);
  void navigator.storage?.persist?.();
  createRoot(root).render(
    <StrictMode>
      <PortsContext value={{ clock, planner: workerPlanner(), db, ring: machineRing(), startOver }}>
        <Provider store={store}>
          <RouterProvider router={router} />
        </Provider>
      </PortsContext>
    </StrictMode>,
  );
}

/** Kept for when the server is gone. A browser that does not allow it (no certificate on the network) goes without. */
if (import.meta.env.PROD) void navigator.serviceWorker?.register('/sw.js').catch(() => undefined);

begin().catch((error: Error) => {
  const root = document.getElementById('root');
  if (root) {
    root.textContent = `Plump Pail could not open its data on this device: ${error.message}. If this is a private window, open an ordinary one; if the disk is full, free some space. Nothing has been deleted.`;
  }
  console.error(error);
});
