import { boundedBy } from '../../core/faults/bounds';

/**
 * How far the parameters of stages may go: wider than any make wants, and narrow enough that no file can send a plan
 * into the void. Common practice.
 */
/** Minutes a stage takes, up to so many. */
export const minutesTo = (most: number) => boundedBy(0, most, 'min');
/** Minutes of a stage that has to take some. */
export const someMinutesTo = (most: number) => boundedBy(0.1, most, 'min');
/** Two days: the longest rest, ripening or cooling. */
export const LONG_MIN = 2880;
/** Heat of milk, curd, whey or water, °C. */
export const potC = () => boundedBy(0, 100, '°C');
/** Heat of curd, slabs or milk that is kept warm for something alive, °C. */
export const warmC = () => boundedBy(5, 60, '°C');
/** Where cheese hangs or lies in brine, °C. */
export const coolC = () => boundedBy(-2, 35, '°C');
export const pieceKg = () => boundedBy(0.005, 50, 'kg');
export const cm = () => boundedBy(0.2, 100, 'cm');
