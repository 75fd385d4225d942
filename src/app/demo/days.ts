import { format } from 'date-fns';

export const HOUR_MS = 3_600_000;
export const DAY_MS = 24 * HOUR_MS;

/** Midnight of the machine's own day, wall ms. */
export const dayStart = (wall: number): number => wall - (wall % DAY_MS);

/** The day so many days after that of a moment, as a milk's label has it. */
export const dayOf = (now: number, days: number) => format(dayStart(now) + days * DAY_MS, 'yyyy-MM-dd');
