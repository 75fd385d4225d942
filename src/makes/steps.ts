import { z } from 'zod';
import { boundedBy } from '../core/faults/bounds';

/** One load after another: [kg, minutes]; none for the make's own press. */
export const pressStepsSchema = z
  .array(z.tuple([boundedBy(0, 2000, 'kg'), boundedBy(1, 4320, 'min')]))
  .max(12, 'give at most twelve');
export type PressSteps = z.infer<typeof pressStepsSchema>;
