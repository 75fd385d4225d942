import { z } from 'zod';
import { bounded, boundedBy } from '../core/faults/bounds';

/** What a coagulant's label promises: so many litres set by one measure of it, in so long, at so warm. */
const label = z.strictObject({
  setsLitres: boundedBy(0.1, 10_000, 'L'),
  per: z.enum(['mL', 'tablet', 'g', 'drop']),
  inMin: boundedBy(1, 300, 'min'),
  atC: boundedBy(15, 55, '°C'),
});

/** A coagulant as it is bought: its form, and its strength or what its label says. */
export const coagulantProduct = z.strictObject({
  form: z.enum(['liquid', 'tablet', 'powder']),
  imcuPerMl: bounded('imcuPerMl').optional(),
  imcuEach: bounded('imcuEach').optional(),
  imcuPerG: bounded('imcuPerG').optional(),
  ...label.partial().shape,
});

/** What a culture's packet says of it, whichever form it comes in. */
export const cultureLabel = {
  form: z.enum(['freeze-dried', 'liquid', 'saved']),
  labelLitresPerGram: boundedBy(0.1, 100_000, 'L/g').optional(),
  labelLitresPerSachet: boundedBy(0.1, 100_000, 'L').optional(),
  percent: boundedBy(0.05, 20, '%').optional(),
  generation: boundedBy(0, 200).optional(),
};
