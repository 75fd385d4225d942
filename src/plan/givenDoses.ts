/** Doses whose amount a maker may give. */
export const GIVEN_DOSES = ['acid', 'coagulant', 'culture', 'salt', 'calcium'] as const;
export type GivenDose = (typeof GIVEN_DOSES)[number];

/** Doses of which another amount may go in at the pot: those, and cream. */
export const ADDED_DOSES = [...GIVEN_DOSES, 'cream'] as const;
export type AddedDose = (typeof ADDED_DOSES)[number];
