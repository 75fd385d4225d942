/** Fall of the boiling point with height, °C per metre: about 1 °C per 300 m. Source: from memory. */
const PER_METRE = 1 / 300;

/** Temperature at which milk or water boils at an altitude, °C. */
export const boilingC = (altitudeM: number): number => 100 - altitudeM * PER_METRE;

/** A scald must stay this far below the boil, °C, or the pot foams over before it is reached. Common practice. */
export const BELOW_BOIL_C = 1;
