import type { ComponentType } from 'react';

type Load = () => Promise<{ default: ComponentType }>;

const loadPlan = () => import('../views/plan/PlanView');
const loadPot = () => import('../views/pot/PotView');
const loadFirst = () => import('./FirstView');

/** Every view at its address; what has none begins at the beginning. */
export const VIEWS: readonly (readonly [path: string, load: Load])[] = [
  ['/', loadFirst],
  ['/plan', loadPlan],
  ['/pot', loadPot],
  ['/pot/:id', loadPot],
  ['/book', () => import('../views/book/BookView')],
  ['/book/beside', () => import('../views/book/BesideView')],
  ['/book/:id', () => import('../views/book/MakePage')],
  ['/week', () => import('../views/week/WeekView')],
  ['/practise', () => import('../views/pot/practise/PractiseView')],
  ['/kitchen', () => import('../views/kitchen/KitchenView')],
  ['/shelf', () => import('../views/shelf/ShelfView')],
  ['/reckon/:name?', () => import('../views/reckon/ReckonView')],
  ['/methods/:id?', () => import('../views/methods/MethodsView')],
  ['*', loadFirst],
];

const answers = (path: string, address: string): boolean =>
  new RegExp(
    `^${path
      .replace('*', '.*')
      .replace(/\/:\w+\?/, '(/[^/]+)?')
      .replace(/:\w+/, '[^/]+')}/?$`,
  ).test(address);

const here = new Map<Load, ComponentType>();

/** A view that has been fetched, null while it has not. */
export const fetched = (load: Load): ComponentType | null => here.get(load) ?? null;

let first: Promise<unknown> = Promise.resolve();

/** Begins to fetch the view at an address. One that cannot be fetched now is asked for again where it is drawn, and then says so. */
export function fetchAt(address: string): void {
  const load = VIEWS.find(([path]) => answers(path, address))?.[1] ?? loadFirst;
  // Whoever has made something goes from the beginning on to the plan.
  const wanted = load === loadFirst ? [loadFirst, loadPlan] : [load];
  first = Promise.all(
    wanted.map((one) =>
      one().then(
        ({ default: view }) => here.set(one, view),
        () => undefined,
      ),
    ),
  );
}

/** Until what was begun to be fetched is there, or cannot be had. */
export const fetchedFirst = (): Promise<unknown> => first;
