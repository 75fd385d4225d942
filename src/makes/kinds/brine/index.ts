import { z } from 'zod';
import { boundedBy } from '../../../core/faults/bounds';
import { Infeasible } from '../../../core/faults/fault';
import { COLD_C } from '../../../core/heat/places';
import { SATURATED_PCT_WW } from '../../../core/salt/brine';
import {
  BRINE_SHAPES,
  brineHours,
  endSaltPct,
  HOLDING_BRINE_PCT,
  KNIT_NAMES,
  type Knit,
} from '../../../core/salt/diffusion';
import { saltToReach } from '../../../core/salt/taken';
import { kindOf } from '../../grammar';
import { saying, value } from '../../sentence';
import { cm, coolC, pieceKg } from '../bounds';
import { curdOf } from '../curd';
import { saltSlows } from '../offWhey';
import { countOf, eachKg, enoughFor, PIECES } from '../pieces';
import { inThree, WAITS } from '../shared';
import { fading } from '../spans';

/** Hands on for lowering, turning and lifting, min. Common practice. */
const HANDS_ON = 10;
const MOST_HOURS = 24 * 14;
/** Time constant of a piece in cold brine, min. Common practice. */
const TAU_MIN = 60;

const params = z.strictObject({
  pctWw: boundedBy(1, 40, '%'),
  /** Salt wanted in the cheese, %. */
  targetPct: boundedBy(0, 10, '%'),
  /** How openly it is knit: cracks let brine in. */
  knit: z.enum(KNIT_NAMES).default('close'),
  /** Whether the cheese is kept in this brine afterwards. */
  kept: z.boolean().default(false),
  // A make begun by an earlier version says so; the salt in the curd says it now.
  startShare: boundedBy(0, 1).optional(),
  pieceKg: pieceKg(),
  /** So many pieces instead of a weight; nought goes by the weight. */
  pieces: boundedBy(0, 1000).default(0),
  /** What the salt is dissolved in: its own whey hardly softens the surface. */
  of: z.enum(['water', 'whey']).default('water'),
  shape: z.enum(BRINE_SHAPES),
  thicknessCm: cm().optional(),
  diameterCm: cm().optional(),
  atC: coolC().default(12),
});
export type BrineParams = z.infer<typeof params>;

/** How openly it is knit, as a sentence says it. */
const KNIT_WORDS: Record<Knit, string> = {
  close: 'closely knit',
  loose: 'loosely knit',
  open: 'openly knit',
};

export const brine = kindOf<BrineParams>({
  kind: 'brine',
  params,
  endedBy: 'time',
  bells: (_params, { durationMin }) => [{ what: 'turn-pieces', everyMin: durationMin / 2 }],
  reads: ['water', 'room'],
  mistakes: () => [
    'brined-long',
    'brine-slimy',
    'mould',
    'froze',
    'power-gone',
    'left-warm',
    'pests',
    'out-of-order',
  ],
  habits: [
    ...PIECES,
    {
      param: 'thicknessCm',
      option: 'thicknessCm',
      shared: true,
      label: 'Thick',
      range: { unit: 'cm', min: 0.5, max: 15, step: 0.5 },
      reason: 'Twice as thick takes salt four times as long.',
    },
  ],
  does: ['brines'],
  takes: () => ['brine-salt'],
  standsC: ({ atC }) => atC,
  uses: ({ atC }) => (atC <= COLD_C ? ['fridge'] : []),
  slack: () => WAITS,
  hands: (_params, { durationMin }) => inThree(durationMin, HANDS_ON),
  kit: (_params, { format, yieldKg, waterLitres }) => [
    {
      what: `a tub for ${format.litres((waterLitres('brine-salt') + yieldKg) * 1.15)} of brine and cheese`,
      why: 'glass, steel or food plastic',
    },
  ],
  toleranceC: [4, 4],
  predict: (world, p, pot) => {
    const curd = curdOf(world, pot);
    enoughFor(world, p.pieces ?? 0, curd.kg);
    const grams = eachKg(p.pieces ?? 0, p.pieceKg, curd.kg) * 1000;
    const about = {
      shape: p.shape,
      grams,
      diameterCm: p.diameterCm,
      thicknessCm: p.thicknessCm,
      brinePctWw: p.pctWw,
      targetSaltPct: p.targetPct,
      moisturePct: curd.moisturePct,
      startSaltPct: (100 * curd.saltKg) / curd.kg,
      knit: p.knit,
      tempC: p.atC,
    };
    let hours: number;
    try {
      hours = brineHours(about);
    } catch (error) {
      if (!(error instanceof Infeasible)) throw error;
      if (world.likely) throw new Infeasible({ ...error.fault, path: 'options.saltPct' });
      hours = MOST_HOURS;
    }
    const minutes = Math.min(hours, MOST_HOURS) * 60;
    const taken = saltToReach(curd, p.targetPct, world.style.solutes);
    pot.saltKg += taken;
    pot.givenSaltKg += taken;
    saltSlows(world, pot);
    return fading(pot, minutes, HANDS_ON, p.atC, TAU_MIN);
  },
  words: (
    { pctWw, targetPct, atC, pieceKg, pieces = 0, thicknessCm, knit, kept = false, of = 'water' },
    { format, doses, yieldKg, moisturePct },
  ) => ({
    ...saying(
      [
        'Brine at ',
        value('pctWw', format.percent(pctWw)),
        ', ',
        value('pieces', format.number(countOf(pieces, pieceKg, yieldKg)), {
          shown: countOf(pieces, pieceKg, yieldKg),
        }),
        countOf(pieces, pieceKg, yieldKg) === 1 ? ' piece of ' : ' pieces of ',
        pieces > 0
          ? format.kg(eachKg(pieces, pieceKg, yieldKg))
          : value('pieceKg', format.kg(eachKg(pieces, pieceKg, yieldKg))),
      ],
      [
        ...(thicknessCm === undefined
          ? []
          : [', ', value('thicknessCm', `${format.number(thicknessCm, 1)}\u00a0cm`), ' thick']),
        ', ',
        value('knit', KNIT_WORDS[knit ?? 'close']),
        ', ',
        value('of', of === 'whey' ? 'in its own whey' : 'in water'),
        ', to ',
        value('targetPct', format.percent(targetPct, 1)),
        ' of salt in the cheese; then ',
        value('kept', kept ? 'kept in it' : 'taken out'),
      ],
    ),
    action: 'Brine',
    target: format.percent(pctWw),
    steps: [
      `${doses['brine-salt']?.text ?? 'Salt'} of salt in ${of === 'whey' ? `${format.millilitres(doses['brine-salt']?.waterMl ?? 0)} of its own whey, skimmed` : (doses['brine-salt']?.waterText ?? 'water')}, boiled once and cooled to ${format.temp(atC)}.`,
      of === 'whey'
        ? 'Whey as brine keeps a week in the cold, and so does what lies in it.'
        : 'A splash of its own whey and a pinch of calcium chloride keep the surface from going slimy.',
      'Pieces float: turn them halfway, or strew salt on what shows.',
      ...(kept
        ? [
            `Kept in this brine it goes on to about ${format.percent(endSaltPct(pctWw, moisturePct))} of salt. For eating soon, move it into one of ${format.percent(HOLDING_BRINE_PCT)} when it tastes right: it ends near ${format.percent(endSaltPct(HOLDING_BRINE_PCT, moisturePct))} and keeps a week.`,
            'It stays in it in the fridge, covered by it, in a clean closed tub.',
          ]
        : []),
    ],
    right: `Firm, dry to the touch when lifted, no slime.`,
    normal: `It loses a little weight: twice as much water goes out as salt goes in.${pctWw > SATURATED_PCT_WW - 1 ? ' Undissolved salt lies on the base.' : ''}`,
    done: kept ? 'Salted through' : 'Out of the brine',
  }),
  cautions: () => ['brine-care'],
});
