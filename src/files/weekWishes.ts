import { z } from 'zod';
import { idText, oneLine } from '../core/faults/bounds';
import { briefSchema, wallTime } from '../plan/brief/schema';

/** A make that somebody wants in a week, as the app keeps it. */
export const wishOfSchema = z.strictObject({
  id: idText(),
  name: oneLine(120),
  brief: briefSchema,
  milkId: oneLine(64).nullable(),
  notBefore: wallTime.nullable(),
  readyBy: wallTime.nullable(),
  /** Where it was put by hand: its start, and its pot where one was chosen. */
  pinned: z.strictObject({ start: wallTime, pot: oneLine(64).nullable() }).nullable(),
});
export type WishOf = z.infer<typeof wishOfSchema>;

export const weekWishesSchema = z.array(wishOfSchema).max(60);
export type WeekWishes = z.infer<typeof weekWishesSchema>;
