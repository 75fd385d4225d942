import { expOf, lnOf } from '../core/numeric/elementary';
import { does } from '../makes/asked';
import {
  type Belief,
  expectedWorld,
  type Held,
  LEARNED_QUANTITIES,
  type LearnedQuantity,
  Z90,
} from './belief';
import type { Plan } from './schema';

/** What a quirk has moved in a plan, however little: the figure, as the plain model has it and with what was learned. */
export type Moved = NonNullable<Plan['learned']>[number];

const doseOf = (plan: Plan, id: 'acid' | 'coagulant') => plan.doses.find((dose) => dose.id === id);

/** The figure a quantity moves, in its unit; null where the plan has none. */
const FIGURES: Readonly<
  Record<LearnedQuantity, (plan: Plan) => { figure: string; unit: string; value: number } | null>
> = {
  'acid-need': (plan) => grams('acid', doseOf(plan, 'acid')),
  'coagulant-strength': (plan) => {
    const given = plan.brief.coagulant?.given;
    const setMin = plan.predictions.setMin?.likely;
    return given && setMin !== undefined
      ? { figure: 'set', unit: 'min', value: setMin }
      : grams('coagulant', doseOf(plan, 'coagulant'));
  },
  'culture-pace': ({ predictions }) =>
    predictions.acidifyHours && { figure: 'souring', unit: 'h', value: predictions.acidifyHours.likely },
  power: ({ stages }) => ({
    figure: 'warming',
    unit: 'min',
    value: stages.reduce((sum, stage) => sum + (does(stage, 'heats-milk') ? stage.durationMin.likely : 0), 0),
  }),
  'drain-pace': ({ predictions }) =>
    predictions.drainHours && { figure: 'draining', unit: 'h', value: predictions.drainHours.likely },
  yield: ({ predictions }) => ({ figure: 'yield', unit: 'kg', value: predictions.yieldKg.likely }),
};
/** The figure of a plan that a quantity moves, in its unit; null where the plan has none. */
export const figureOf = (quantity: LearnedQuantity, plan: Plan) => FIGURES[quantity](plan);
const grams = (figure: string, dose: { grams: number } | undefined) =>
  dose ? { figure, unit: 'g', value: dose.grams } : null;

/** What has been learned, as a plan carries it: each quirk with the figure it moved, from what to what. */
export function movedBy(belief: Belief, plain: Plan, learned: Plan): Moved[] {
  return LEARNED_QUANTITIES.flatMap((quantity): Moved[] => {
    const held = belief[quantity];
    const [before, after] = [FIGURES[quantity](plain), FIGURES[quantity](learned)];
    if (!held || !before || !after || before.value <= 0) return [];
    const { likely, sdLn, of, id, makes } = held;
    return [
      {
        of,
        id,
        quantity,
        likely,
        low: likely * expOf(-Z90 * sdLn),
        high: likely * expOf(Z90 * sdLn),
        makes,
        figure: before.figure,
        unit: before.unit,
        plain: before.value,
        value: after.value,
      },
    ];
  });
}

/** What its acid is worth in this milk, as the plan goes by it. */
export const acidStrengthIn = (plan: Pick<Plan, 'learned'>): number =>
  expectedWorld(beliefIn(plan)).acidStrength;

/** What was learned of a plan before it, for one that is changed a little: each figure as it is now, its plain one in proportion. */
export const movedIn = (before: readonly Moved[], plan: Plan): Moved[] =>
  before.flatMap((one) => {
    const now = FIGURES[one.quantity](plan)?.value;
    return now === undefined || one.value <= 0
      ? []
      : [{ ...one, value: now, plain: (one.plain * now) / one.value }];
  });

/** The belief a plan was made with, so that what is planned anew on the way goes by it too. */
export const beliefIn = ({ learned = [] }: Pick<Plan, 'learned'>): Belief =>
  Object.fromEntries(
    learned.map(({ quantity, likely, low, high, of, id, makes }): [LearnedQuantity, Held] => [
      quantity,
      { likely, sdLn: lnOf(high / low) / (2 * Z90), of, id, makes },
    ]),
  );
