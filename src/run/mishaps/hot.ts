import { stretchedFat } from '../../core/stretch/losses';
import { AIMED_CORE_C, STRETCH_CORE_C } from '../../core/stretch/window';
import type { MistakeId } from '../../makes/mistakes';
import { drier, type Mishap, mend } from './mishap';

/** Minutes a stretch is worked as planned. Common practice. */
const WORK_MIN = 4;
/** Share of the dry matter that is fat, so that lost fat is lost weight. From memory: about 0.45 in a curd of half moisture. */
const FAT_IN_CURD = 0.22;

const fatLost = (coreC: number, workMin: number) => {
  const lost = stretchedFat(AIMED_CORE_C, WORK_MIN) - stretchedFat(coreC, workMin);
  return { fatShare: -Math.max(0, lost), yieldShare: -FAT_IN_CURD * Math.max(0, lost) };
};

/** In hot water and after. Source: common practice; fat by the core's own model. */
export const HOT = {
  'stretch-hot': {
    text: 'The curd got too hot in the stretch',
    asks: [{ id: 'at', text: 'core temperature', asks: 'temperature', usual: 70 }],
    remedy: ({ format, number }) =>
      mend(
        `Out of the water. Fold the hot edge to the inside twice, gently, no more pulling, and shape it at once; the next piece in water ${format.tempStep(8, 0)} cooler.`,
        'Fat in the water: chill it, and skim it off.',
        fatLost(number('at'), WORK_MIN),
      ),
  },
  'stretch-cold': {
    text: 'It is cold in the middle and tears',
    asks: [{ id: 'at', text: 'core temperature', asks: 'temperature', usual: 50 }],
    remedy: ({ format, number }) =>
      mend(
        number('at') >= STRETCH_CORE_C[0]
          ? `At ${format.temp(number('at'))} it is not the heat: it wants more acid. Leave the rest of it half an hour in its whey and try again.`
          : `Cut it in finger slices and lay it back under hot water for ${format.minutes(3)}; pull only when a piece bends like a ribbon, at ${format.temp(STRETCH_CORE_C[0])} or more inside.`,
        'Tearing it cold costs more fat than the second bath.',
        { fatShare: -0.01 },
      ),
  },
  'over-worked': {
    text: 'Worked it too long',
    asks: [{ id: 'min', text: 'minutes it was pulled', asks: 'minutes', usual: 10 }],
    remedy: ({ number, format }) =>
      mend(
        `Stop. Shape it, and let it lie ${format.minutes(30)} in cool whey before the ice; a tough ball softens in lightly salted whey overnight.`,
        'Tough, with fat and milk gone into the water.',
        fatLost(AIMED_CORE_C, number('min')),
      ),
  },
  'lost-shape': {
    text: 'It lost its shape as it cooled',
    asks: [],
    remedy: ({ format }) =>
      mend(
        `Back into hot water for ${format.minutes(2)}, fold it once, tuck the seam under, and straight into ice water; turn it over after ${format.minutes(5)}.`,
        'One more bath, a little of its fat.',
        { fatShare: -0.02, yieldShare: -0.005 },
      ),
  },
  'poach-boiled': {
    text: 'The whey boiled',
    asks: [{ id: 'min', text: 'for how many minutes', asks: 'minutes', usual: 5 }],
    remedy: ({ state, number, format }) =>
      mend(
        `Lift the pot off until it is quiet, then keep it under a simmer. Take ${format.minutes(Math.min(15, number('min') * 2))} off the poach.`,
        'Pieces puff and toughen in a boil.',
        drier(state, Math.min(2, 0.2 * number('min'))),
      ),
  },
  'poach-fell-apart': {
    text: 'The pieces fell apart in the poach',
    asks: [],
    remedy: ({ format }) =>
      mend(
        `Lift everything out with a flat skimmer, fold it hot in a cloth, and press it for ${format.minutes(30)} under a light board; poach the slab again for ${format.minutes(10)}.`,
        'It was pressed too cold, too short, or had soured too far to knit.',
        { yieldShare: -0.02, fatShare: -0.02 },
      ),
  },
} as const satisfies Partial<Record<MistakeId, Mishap>>;
