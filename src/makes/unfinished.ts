import { z } from 'zod';
import { keyText, oneLine } from '../core/faults/bounds';
import { STAGE_ID } from './grammar';
import { KIND_NAMES } from './kinds';

/**
 * A make as it stands in the editor: whole enough to be shown and mended, faulty or not. What it lacks to be planned, its
 * own schema says.
 */
export const unfinishedSchema = z.looseObject({
  id: keyText(STAGE_ID, 60, 'give small letters, digits and dashes'),
  title: oneLine(200),
  short: oneLine(200),
  about: z.string().max(10_000),
  stages: z
    .array(
      z.looseObject({
        id: z.string().max(200),
        kind: z.enum(KIND_NAMES),
        params: z.record(z.string(), z.unknown()),
      }),
    )
    .max(200),
  options: z.record(
    z.string(),
    z.looseObject({ type: z.enum(['number', 'boolean', 'choice', 'steps']), label: z.string().max(1000) }),
  ),
});
