import type { LearnedQuantity } from '../plan/learnedQuantities';
import type { Posterior } from './fit';
import type { LearnedOf } from './quantities';

/** Everything that is held of one owner's quantity. */
export interface Learnt extends Posterior {
  quantity: LearnedQuantity;
  of: LearnedOf;
  id: string;
  name: string;
  /** The latest makes it rests on, by id: those that still count. */
  from: readonly string[];
  /** Whether two makes or more agree that there is something; and whether it is large enough to be told of itself. */
  sure: boolean;
  told: boolean;
}

/** What all makes teach together: by owner, and for owners nobody has met yet. */
export interface Learning {
  learnt: readonly Learnt[];
  makes: number;
  /** What is held of each group of owners, for one of it that is new: the whole kitchen's under "", a product's under its name. */
  groups: Readonly<Record<LearnedQuantity, Readonly<Record<string, Posterior>>>>;
}

/** A quirk by a word of its own, to leave it out by. */
export const keyOf = ({ quantity, id }: Pick<Learnt, 'quantity' | 'id'>): string => `${quantity} ${id}`;
