import { type Cause, type Causes, NOTHING_SAID, said, steep } from '../cause';
import { has, highest, type Log, optionOf, PLAN, paceOf, type Read, tempsIn, that } from '../log';
import { change, words } from '../next';
import { softened } from '../remedies';

const stretches = that('stretches');
const part = (log: Log) => has(log, stretches);
/** A reading in the stretch is of the water from here, of the curd below the other, °C. */
const WATER_FROM_C = 70;
const CURD_BELOW_C = 68;

/** What was read of the water and of the curd: between the two the first is of whichever the plan’s water lies nearer to. */
export function stretchReads(log: Log): { water: Read[]; curd: Read[] } {
  const plain = tempsIn(log, stretches);
  const waterC = optionOf(log, 'stretchWaterC') ?? 75;
  const isWater = ({ value }: Read) =>
    value >= WATER_FROM_C || (value >= CURD_BELOW_C && Math.abs(value - waterC) < Math.abs(value - 60));
  const core = tempsIn(log, stretches, 'core');
  return {
    water: [...tempsIn(log, stretches, 'water'), ...plain.filter(isWater)],
    // A core that was read as one says more than what stood in the pot.
    curd: core.length > 0 ? core : plain.filter((one) => !isWater(one)),
  };
}
/** The last that a piece said before or in the stretch. */
export const lastPiece = (log: Log) =>
  log.state.tests.findLast(({ found }) => ['tears', 'short', 'stretches', 'oily', 'melts'].includes(found));

/** What softens again in curd that came out of the stretch hard. */
const HARDENED: Cause['mends'] = ['tough', 'grainy', 'will-not-melt', 'tears-stretching'];

const hot: Cause = {
  text: 'the stretch was too hot',
  part,
  says: (log) => {
    const { format } = log;
    const { water, curd } = stretchReads(log);
    const topWater = highest(water);
    const topCurd = highest(curd);
    const plannedC = optionOf(log, 'stretchWaterC');
    const oily = log.state.tests.find(({ found }) => found === 'oily');
    return said(
      [
        topWater &&
          steep(
            topWater.value,
            76,
            [
              [78, 4],
              [85, 8],
            ],
            `The water was ${format.temp(topWater.value)}${plannedC === null ? '' : `, planned ${format.temp(plannedC)}`}.`,
            topWater.event,
          ),
        topCurd &&
          steep(
            topCurd.value,
            63,
            [
              [65, 4],
              [68, 8],
            ],
            `The curd was ${format.temp(topCurd.value)} as it was pulled.`,
            topCurd.event,
          ),
        plannedC !== null &&
          steep(plannedC, 79, [[82, 2]], `The water was planned at ${format.temp(plannedC)}.`, PLAN),
        oily && { times: 4, text: 'A piece was oily.', event: oily.seq },
      ],
      {
        cleared:
          topWater !== undefined && topWater.value <= 76 && topCurd !== undefined && topCurd.value <= 63,
        measured: topWater !== undefined || topCurd !== undefined,
      },
    );
  },
  next: (log) =>
    change(
      log,
      'stretchWaterC',
      Math.min(70, (optionOf(log, 'stretchWaterC') ?? 75) - 4),
      (to) =>
        `Stretch in water of ${log.format.temp(to)}, the curd at ${log.format.temp(60)} to ${log.format.temp(62)}.`,
    ),
  now: softened(2),
  mends: HARDENED,
};

const cold: Cause = {
  text: 'the stretch was too cold',
  part,
  says: (log) => {
    const { format } = log;
    const { water, curd } = stretchReads(log);
    const topWater = highest(water);
    // It warms as it goes: what was read last is what was pulled.
    const topCurd = curd.at(-1);
    return said(
      [
        topCurd &&
          steep(
            topCurd.value,
            58,
            [[55, 8]],
            `The curd was ${format.temp(topCurd.value)} as it was pulled.`,
            topCurd.event,
          ),
        topWater &&
          steep(
            topWater.value,
            66,
            [[60, 8]],
            `The water was ${format.temp(topWater.value)} at the most.`,
            topWater.event,
          ),
      ],
      {
        cleared: topCurd !== undefined && topCurd.value >= 58,
        measured: topWater !== undefined || topCurd !== undefined,
      },
    );
  },
  next: (log) =>
    change(
      log,
      'stretchWaterC',
      Math.max(75, optionOf(log, 'stretchWaterC') ?? 75),
      (to) =>
        `Water of ${log.format.temp(to)}, and the curd in fingers of ${log.format.millimetres(20)}, so that it is warm through.`,
    ),
  now: 'Into water of {80°C} again, with a spoon; what still tears is good for baking.',
  atThePot: true,
};

/** Minutes a single piece is worked: the stage holds all of them. */
const PIECE_MIN = 4;

const overworked: Cause = {
  text: 'it was worked too long',
  part,
  says: (log) => {
    const pace = paceOf(log, stretches);
    if (!pace) return NOTHING_SAID;
    const pieceMin = PIECE_MIN * pace.share;
    return said(
      [
        steep(
          pieceMin,
          1.15 * PIECE_MIN,
          [
            [6, 3],
            [8, 8],
          ],
          `Each piece was worked for about ${log.format.minutes(pieceMin)}; ${log.format.minutes(PIECE_MIN)} is enough.`,
          pace.event,
        ),
      ],
      { cleared: pieceMin <= 1.15 * PIECE_MIN, measured: true },
    );
  },
  next: ({ format }) =>
    words(`Work each piece ${format.minutes(PIECE_MIN)} and no more: folded until it shines, then shaped.`),
  now: softened(2),
  mends: HARDENED,
};

const squeezed: Cause = {
  text: 'the curd was squeezed as it drained or was shaped',
  says: () => NOTHING_SAID,
  next: ({ format }) =>
    words(`Let it drain ${format.minutes(15)} by itself, and do not press the whey out by hand.`),
  now: 'Bake or melt it: there its grain is not felt.',
  mends: ['grainy', 'mushy', 'tough', 'will-not-melt'],
};

/** Hot water and hot whey. */
export const STRETCH: Causes = {
  'stretched-too-hot': hot,
  'stretched-too-cold': cold,
  overworked,
  squeezed,
};
