import { z } from 'zod';
import { boundedBy } from '../../../core/faults/bounds';
import { kindOf } from '../../grammar';
import { saying, value } from '../../sentence';
import { LONG_MIN, minutesTo, pieceKg } from '../bounds';
import { curdOf } from '../curd';
import { countOf, eachKg, enoughFor, PIECES } from '../pieces';
import { fading } from '../spans';

const WORDS = {
  ball: [
    'Tuck the edges under until the skin is tight, pinch the tail off and drop it into cold water.',
    'A tight ball without a seam.',
  ],
  block: [
    'Fold it into a mould while it is hot, smooth side down, and press it into the corners by hand.',
    'A block that fills its corners.',
  ],
  pear: [
    'Draw a neck from each ball, close it, and dip the head once more in hot water to seal it.',
    'A smooth pear with a neck a string can hold.',
  ],
  pouch: [
    'Flatten a hand-sized round, hold it over a cup, spoon the filling in, gather the rim and pinch it shut.',
    'A pouch that holds without weeping.',
  ],
} as const;

const params = z.strictObject({
  into: z.enum(['ball', 'block', 'pear', 'pouch']),
  pieceKg: pieceKg(),
  /** How many of them; nought for as many as the weight gives. */
  pieces: boundedBy(0, 1000).default(0),
  /** Minutes in cold water. */
  coldMin: minutesTo(LONG_MIN),
});
export type ShapeParams = z.infer<typeof params>;

/** Minutes a piece takes one pair of hands; common practice. */
const PER_PIECE = 2;
const COLD_C = 8;
/** Time constant of a piece in iced water, min. Common practice. */
const TAU_MIN = 20;
/** Cold water to set a shape in, L for each kg. Common practice. */
const COLD_WATER_PER_KG = 4;

export const shape = kindOf<ShapeParams>({
  kind: 'shape',
  params,
  endedBy: 'time',
  mistakes: () => ['lost-shape', 'over-worked', 'spilled', 'pests'],
  habits: [...PIECES],
  does: ['holds-curd'],
  kit: (_params, { format, yieldKg }) => [
    {
      what: `${format.litres(yieldKg * COLD_WATER_PER_KG)} of cold water and ice`,
      why: 'the cold sets the shape',
    },
  ],
  toleranceC: null,
  predict: (world, { pieceKg, coldMin, pieces = 0 }, pot) => {
    const { kg } = curdOf(world, pot);
    enoughFor(world, pieces, kg);
    const hands = PER_PIECE * (pieces > 0 ? pieces : kg / pieceKg);
    return fading(pot, hands + coldMin, hands, COLD_C, TAU_MIN);
  },
  words: ({ into, pieceKg, coldMin, pieces = 0 }, { format, yieldKg }) => ({
    ...saying([
      'Shape: ',
      value('pieces', format.number(countOf(pieces, pieceKg, yieldKg)), {
        shown: countOf(pieces, pieceKg, yieldKg),
      }),
      ' of about ',
      pieces > 0
        ? format.kg(eachKg(pieces, pieceKg, yieldKg))
        : value('pieceKg', format.kg(eachKg(pieces, pieceKg, yieldKg))),
    ]),
    action: 'Shape it',
    target: format.kg(eachKg(pieces, pieceKg, yieldKg)),
    steps: [
      WORDS[into][0],
      `Then ${format.minutes(coldMin)} in cold water, iced for the second half: the cold sets the shape.`,
    ],
    right: WORDS[into][1],
    normal: 'Pieces too cool to close go back into the hot water for a moment.',
    done: 'Cold and firm',
  }),
  cautions: () => ['scald-stretch'],
});
