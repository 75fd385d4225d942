import { z } from 'zod';
import { boundedBy } from '../../core/faults/bounds';
import { DOSE_IDS } from '../../makes/terms';

/** Longer than this nobody practises at one pot, min. */
const MOST_MIN = 21 * 1440;

/** What can be put into the pot: what a plan doses, and water to rinse with. */
export const ADDABLE = [...DOSE_IDS, 'water'] as const;
export type Addable = (typeof ADDABLE)[number];

const atMin = boundedBy(0, MOST_MIN, 'min');
const move = <const D extends string, S extends z.ZodRawShape>(name: D, shape: S) =>
  z.strictObject({ atMin, do: z.literal(name), ...shape });

/** What somebody at a practice pot may do, each at its minute from the start. */
export const moveSchema = z.discriminatedUnion('do', [
  /** The hob: 0 off, 1 low, 2 middling, 3 full. */
  move('heat', { setting: z.int().min(0, 'give 0 to 3').max(3, 'give 0 to 3') }),
  move('lid', { on: z.boolean().default(true) }),
  /** The pot in cold water with ice. */
  move('ice', { on: z.boolean().default(true) }),
  move('stir', { on: z.boolean().default(true) }),
  move('add', { what: z.enum(ADDABLE), grams: boundedBy(0, 1_000_000, 'g') }),
  move('cut', { mm: boundedBy(1, 300, 'mm') }),
  /** Eyes and thermometer. */
  move('look', {}),
  /** Hands, tongue, meter and scale. */
  move('test', {}),
  move('draw-whey', {}),
  move('drain', {}),
  move('turn', {}),
  move('press', { kg: boundedBy(0, 2000, 'kg') }),
  move('stretch', { waterC: boundedBy(30, 100, '°C'), minutes: boundedBy(0.5, 60, 'min') }),
  move('salt', { grams: boundedBy(0, 100_000, 'g') }),
  move('brine', {}),
  move('wait', { minutes: boundedBy(0, MOST_MIN, 'min').default(0) }),
  /** On to the next stage. */
  move('next', {}),
]);
export type Move = z.infer<typeof moveSchema>;

/** A move before it has its minute. */
export type Deed = Move extends infer M ? (M extends Move ? Omit<M, 'atMin'> : never) : never;
