import { z } from 'zod';
import { bounded, boundedBy, oneLine } from '../core/faults/bounds';

/** Advice on heat and on acid as it is logged: what it was, in figures; words are made where it is shown. */
export const toldAdviceSchema = z.discriminatedUnion('of', [
  z.strictObject({
    of: z.literal('heat'),
    stage: oneLine(60),
    says: z.enum(['stalled', 'turn-off', 'over', 'arriving']),
    pace: z.enum(['ahead', 'behind', 'on time']).nullable(),
    tempC: bounded('potTempC'),
  }),
  z.strictObject({
    of: z.literal('acid'),
    stage: oneLine(60),
    says: z.enum(['first', 'portion', 'clear', 'enough']),
    /** Portions in so far. */
    given: z.int().min(0).max(10_000),
    grams: boundedBy(0, 100_000, 'g').nullable(),
  }),
]);
export type ToldAdvice = z.infer<typeof toldAdviceSchema>;

const HEAT_SAYS = ['stalled', 'turn-off', 'over', 'arriving'] as const;

/** The advice of an earlier version's log, that had only a line to tell one from the next. */
export function adviceFromAbout(about: string): ToldAdvice | null {
  const [stage = '', says = ''] = about.split(' ');
  const heat = HEAT_SAYS.find((one) => one === says);
  return heat ? { of: 'heat', stage, says: heat, pace: null, tempC: 0 } : null;
}

/** Whether two pieces of advice say the same, whatever the figures in them. */
export const sameAdvice = (a: ToldAdvice | null, b: ToldAdvice | null): boolean =>
  a !== null &&
  b !== null &&
  a.of === b.of &&
  a.stage === b.stage &&
  a.says === b.says &&
  (a.of === 'heat' ? a.pace === (b as typeof a).pace : a.given === (b as typeof a).given);
