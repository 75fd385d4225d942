import { z } from 'zod';
import { bounded, idText } from '../core/faults/bounds';

/** Larger than this no photo is kept, characters of its data URL. */
const MOST_PHOTO = 2_000_000;

/** A photo of a make, a JPEG as a data URL. */
export const photoSchema = z.strictObject({
  id: idText(),
  makeId: idText(),
  at: bounded('wallMs'),
  jpeg: z
    .string()
    .startsWith('data:image/jpeg;base64,', 'give a JPEG')
    .max(MOST_PHOTO, 'give a smaller photo'),
});
export type Photo = z.infer<typeof photoSchema>;
