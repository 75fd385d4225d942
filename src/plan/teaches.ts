import { hypotOf, lnOf, squareOf } from '../core/numeric/elementary';
import { goalOf } from '../makes/asked';
import type { Goal } from '../makes/traits';
import { LEARNED_QUANTITIES, type LearnedQuantity, STRAYS, Z90 } from './belief';
import { figureOf } from './moved';
import type { Planned } from './planned';

/** What a make is of, and whether it is given acid until its whey clears. */
interface About {
  of: 'milk' | 'whey';
  clears: boolean;
}

/** What is not known well, what has to be noted to know it better, and how well that can be read, of its logarithm. Judgement. */
const NOTES: Readonly<
  Record<LearnedQuantity, (about: About) => { of: string; note: string; readSd: number }>
> = {
  'acid-need': ({ of, clears }) => ({
    of: `how much acid this ${of} takes`,
    note: clears
      ? 'Note the acid until the whey is clear, or the pH it comes to'
      : 'Note the pH the acid brings it to',
    readSd: 0.02,
  }),
  'coagulant-strength': () => ({
    of: 'how strong the coagulant is',
    note: 'Note when the bowl stops turning',
    readSd: 0.05,
  }),
  'culture-pace': () => ({
    of: 'how fast the culture sours',
    note: 'Read the pH once on the way down',
    readSd: 0.05,
  }),
  power: ({ of }) => ({
    of: `how fast ${of} warms in this pot`,
    note: 'Read it at the beginning and near the end',
    readSd: 0.05,
  }),
  'drain-pace': () => ({ of: 'how fast it drains here', note: 'Weigh it once while it hangs', readSd: 0.05 }),
  yield: () => ({ of: 'what such a make comes to here', note: 'Weigh what comes out', readSd: 0.02 }),
};

/** Something a make would teach: what of, by noting what, and within how much of itself it is known now and would be then. */
export interface Teaches {
  quantity: LearnedQuantity;
  of: string;
  note: string;
  nowShare: number;
  thenShare: number;
}

/** Sharper by less than this is not worth a reading. */
const WORTH = 0.01;

/**
 * What a make would teach, the most first: how far the plan strays by what is held of each thing it is of, and by how much less after one
 * more make that notes it. Shares reach from the middle to the 10th and 90th percentile.
 *
 * @example teachesOf(planned)[0] // { quantity: 'coagulant-strength', of: 'how strong the coagulant is', nowShare: 0.32, thenShare: 0.12, … }
 */
export function teachesOf({
  plan,
  parameters,
  method,
}: Pick<Planned, 'plan' | 'parameters' | 'method'>): Teaches[] {
  const some = (goal: Goal['is']) => plan.stages.some((stage) => goalOf(stage, parameters)?.is === goal);
  const about: About = { of: method.of, clears: some('clear-whey') };
  // Only a bag that hangs until it weighs so much tells of its pace, and only a set for the knife of its coagulant.
  const untold: Partial<Record<LearnedQuantity, boolean>> = {
    'drain-pace': !some('bag-moisture'),
    'coagulant-strength': !some('clean-break'),
  };
  return LEARNED_QUANTITIES.flatMap((quantity): Teaches[] => {
    if (!((figureOf(quantity, plan)?.value ?? 0) > 0) || untold[quantity]) return [];
    const { own, group, batch } = STRAYS[quantity];
    const known = plan.learned?.find((one) => one.quantity === quantity);
    const now = known ? lnOf(known.high / known.low) / (2 * Z90) : hypotOf(own, group);
    const { of, note, readSd } = NOTES[quantity](about);
    const one = squareOf(batch) + squareOf(readSd);
    const then = now * Math.sqrt(one / (squareOf(now) + one));
    return [{ quantity, of, note, nowShare: Z90 * now, thenShare: Z90 * then }];
  })
    .filter(({ nowShare, thenShare }) => nowShare - thenShare >= WORTH)
    .sort((a, b) => b.nowShare - b.thenShare - (a.nowShare - a.thenShare));
}
