import { createSelector } from '@reduxjs/toolkit';
import { bookWith, methodById } from '../makes';
import type { Method } from '../makes/method';
import { methodSchema } from '../makes/methodSchema';
import { type State, useAppSelector } from './store';

/** Every make there is here: the product's, then those of the maker's own that can be planned. */
export const methodBook = createSelector(
  (state: State) => state.data.methods,
  (own) => bookWith(own.filter((method) => methodSchema.safeParse(method).success)),
);

export const useMethodBook = () => useAppSelector(methodBook);

/** The make of that id, or undefined. */
export function useMethod(id: string | undefined): Method | undefined {
  const methods = useMethodBook();
  return id === undefined ? undefined : methodById(id, methods);
}
