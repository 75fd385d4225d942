import type { ReactNode } from 'react';
import { useLocation } from 'react-router';
import { draftSet, FIRST_DRAFT } from '../store/slices/draft';
import { reckonerSet } from '../store/slices/reckoner';
import { useAppStore } from '../store/store';
import { type Behind, Boundary, useBehind } from '../views/common/Boundary';

/** The view at an address within a boundary of its own, which knows what lies behind it. */
export function ViewBoundary({ children }: { children: ReactNode }) {
  const { pathname } = useLocation();
  const { dispatch, getState } = useAppStore();
  const behindThing = useBehind();
  const [, view = '', id] = pathname.split('/');
  const behind = (): Behind | null => {
    if (id && (view === 'pot' || view === 'book')) return behindThing({ table: 'makes', id });
    if (id && view === 'methods') return behindThing({ table: 'methods', id });
    if (view === 'plan')
      return {
        raw: async () => getState().draft,
        takeOut: { text: 'Begin with an empty plan', act: async () => dispatch(draftSet(FIRST_DRAFT)) },
      };
    if (view === 'reckon')
      return {
        raw: async () => getState().reckoner,
        takeOut: { text: 'Empty its forms', act: async () => dispatch(reckonerSet({})) },
      };
    return null;
  };
  // A list that stands beside what one picked from it stays where it was; a make of another id begins anew.
  const stays = view === 'methods' || view === 'reckon';
  return (
    <Boundary
      key={stays ? view : pathname}
      at={pathname}
      what={id ? 'This page' : 'This view'}
      behind={behind()}
    >
      {children}
    </Boundary>
  );
}
