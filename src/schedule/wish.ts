import type { Columns } from '../plan/placing/columns';
import type { Demand } from '../plan/placing/demand';
import type { Has, Placed } from './room';

/** Something that is to stand in the week, with every way it could. */
export interface Wish {
  id: string;
  weight: number;
  demand: Demand;
  columns: Columns;
  /** Places of the pots that are large enough, smallest first. */
  pots: readonly number[];
  /** Its place among the lots of milk, and the litres it takes; null where it takes none of them. */
  lot: number | null;
  litres: number;
  /** Where it stands already: a make that runs, or one that is pinned. */
  fixed: Placed | null;
}

/** A week to be laid. */
export interface Task {
  wishes: readonly Wish[];
  has: Has;
  /** Litres of each lot of milk. */
  lots: readonly number[];
  horizonMin: number;
}

/** Where each wish stands, in their order; null for one that is left. */
export type Laid = readonly (Placed | null)[];

/** What is left out counts before everything, then minutes away from likely, then minutes ready too early. */
const LEFT = 1e12;
export const AWAY = 1e6;

export const costLeft = ({ weight }: Wish): number => weight * LEFT;
export const costOf = ({ column }: Placed): number => column.shape.awayMin * AWAY + column.earlyMin;
export const costLaid = ({ wishes }: Pick<Task, 'wishes'>, laid: Laid): number =>
  wishes.reduce((sum, wish, i) => {
    const placed = laid[i];
    return sum + (wish.fixed ? 0 : placed ? costOf(placed) : costLeft(wish));
  }, 0);

/** Whether the milk of every lot is enough for what stands. */
export const milkEnough = (
  { wishes, lots }: Pick<Task, 'wishes' | 'lots'>,
  laid: Laid,
  more?: Wish,
): boolean => {
  const taken = lots.map(() => 0);
  wishes.forEach((wish, i) => {
    if (wish.lot !== null && (laid[i] || wish === more))
      taken[wish.lot] = (taken[wish.lot] as number) + wish.litres;
  });
  return taken.every((litres, i) => litres <= (lots[i] as number) + 1e-6);
};
