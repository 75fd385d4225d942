/** Where a batch may stand while nothing is done to it. */
export const PLACES = ['room', 'fridge'] as const;
export type Place = (typeof PLACES)[number];

/** What a fridge should be, °C. Common practice. */
export const FRIDGE_C = 4;
/** A cupboard beside a boiler, or an oven with its light on, °C. Common practice: 28 to 33. */
export const CUPBOARD_C = 30;

/** What stands colder than this stands in a fridge, °C. */
export const COLD_C = 8;
/** Curd in a basket, a bag or a mould comes to the cold with this time constant, min. Common practice. */
export const CURD_COOLS_MIN = 90;

/**
 * How warm it is in such a place, °C; null for the room, which is as it is.
 *
 * @example placeC('fridge') // 4
 */
export const placeC = (place: Place): number | null => (place === 'fridge' ? FRIDGE_C : null);
