import { z } from 'zod';
import { pressedPoints, roundAreaM2, standingAreaM2, weightKg } from '../../../core/curd/press';
import { kindOf } from '../../grammar';
import { curdResting } from '../spans';

/** Minutes of wrapping, loading and turning; common practice. */
const HANDS_ON = 8;

export interface PressParams {
  kPa: number;
  hours: number;
  /** How high the cheese stands, cm. */
  heightCm: number;
  /** kPa·h that the style's usual moisture is meant for. */
  usualKPaHours: number;
}

export const press = kindOf<PressParams>({
  kind: 'press',
  params: z.strictObject({
    kPa: z.number().positive(),
    hours: z.number().positive(),
    heightCm: z.number().positive(),
    usualKPaHours: z.number().positive(),
  }),
  endedBy: 'time',
  toleranceC: null,
  predict: (world, { kPa, hours, usualKPaHours }, pot) => {
    pot.moisturePct = world.usualMoisturePct - pressedPoints(kPa * hours, usualKPaHours);
    return curdResting(world, pot, hours * 60, HANDS_ON);
  },
  words: ({ kPa, heightCm }, { format, yieldKg }) => {
    const areaM2 = standingAreaM2(yieldKg, heightCm);
    const diameterCm = Math.sqrt(areaM2 / roundAreaM2(1));
    const weight = format.kg(weightKg(kPa, areaM2));
    return {
      title: `Press with ${weight}`,
      action: 'Press',
      target: weight,
      steps: [
        `Fold the cloth flat into a round of about ${format.number(diameterCm)} cm, board on top, ${weight} on the board: a pot of water will do.`,
        'Turn it once halfway. The board must rest on the cheese, not on the rim.',
      ],
      right: 'A flat, closed slab that lifts in one piece.',
      normal: 'The weight leans as the cheese settles: set it straight.',
      done: 'Pressed',
    };
  },
  cautions: () => ['stacked-weight', 'warm-time'],
});
