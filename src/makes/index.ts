import { FIRST_METHOD_ID } from './first';
import type { Method } from './method';
import { METHODS } from './register';

export { METHODS };

/** What a newcomer begins with. */
export const FIRST_METHOD = METHODS.find(({ id }) => id === FIRST_METHOD_ID) as Method;

/** The makes that are known somewhere: the product's, a maker's own behind them, or a running make's alone. */
export type MethodBook = readonly Method[];

/** The product's makes, then a maker's own, which have passed the schema of a method file. */
export const bookWith = (own: readonly Method[]): MethodBook => [...METHODS, ...own];

/** The make of that id in a book, or undefined. */
export const methodById = (id: string, book: MethodBook): Method | undefined =>
  book.find((method) => method.id === id);
