import type { Method } from './method';
import { METHODS } from './register';

export { METHODS };

/** What a newcomer begins with: any milk, an acid and a pan will do. */
export const FIRST_METHOD = METHODS[0] as Method;

let own: readonly Method[] = [];

/** Hands in the makes a maker wrote; they have passed the schema of a method file. A register, so that plans find them by id. */
export const setOwnMethods = (methods: readonly Method[]): void => {
  own = methods;
};
export const ownMethods = (): readonly Method[] => own;

/** Every make there is: the product's, then the maker's own. */
export const allMethods = (): readonly Method[] => [...METHODS, ...own];

/** The make of that id, or undefined. */
export const methodById = (id: string): Method | undefined =>
  METHODS.find((method) => method.id === id) ?? own.find((method) => method.id === id);
