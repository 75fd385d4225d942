/** Where a batch may stand while nothing is done to it. */
export const PLACES = ['room', 'fridge'] as const;
export type Place = (typeof PLACES)[number];

/** What a fridge should be, °C. Common practice. */
export const FRIDGE_C = 4;
/** A cupboard beside a boiler, or an oven with its light on, °C. Common practice: 28 to 33. */
export const CUPBOARD_C = 30;

/** How warm it is in such a place, °C; undefined for the room, which is as it is. */
export const placeC = (place: Place = 'room'): number | undefined =>
  place === 'fridge' ? FRIDGE_C : undefined;
