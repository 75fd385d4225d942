import type { Span } from '../grammar';
import type { HandsWindow, KitItem, Slack } from '../traits';

/** Waits of a batch that stands by itself: a little shorter, or a quarter longer, does it no harm. Common practice. */
export const WAITS: Slack = [0.9, 1.25];
export const DAY_MIN = 1440;

/** What keeps a pot warm. */
export const TOWEL: KitItem = {
  what: 'a towel or a blanket',
  why: 'the pot keeps warm in it, gas off first',
};
/** What curd drains in while its whey is kept. */
export const COLANDER: KitItem = { what: 'a colander over a second pot', why: 'keep the whey' };

/**
 * How long `rounds` rounds take, min: each `everyMin` after the last, or, where `thenMin` is given, in turn the one and
 * the other.
 *
 * @example minutesOf(3, 10, 15) // 35
 */
export const minutesOf = (rounds: number, everyMin: number, thenMin = everyMin): number =>
  Math.ceil(rounds / 2) * everyMin + Math.floor(rounds / 2) * thenMin;

/** How many whole rounds fit into so many minutes. */
export const roundsIn = (minutes: number, everyMin: number, thenMin = everyMin): number => {
  const pairs = Math.floor(minutes / (everyMin + thenMin) + 1e-9);
  return 2 * pairs + (minutes - pairs * (everyMin + thenMin) >= everyMin - 1e-9 ? 1 : 0);
};

/** So many minutes of hands after each round, as long as the stage lasts; the last ends with it. */
export const eachRound = (
  { durationMin }: Pick<Span, 'durationMin'>,
  everyMin: number,
  minutes: number,
  thenMin = everyMin,
): HandsWindow[] =>
  Array.from({ length: Math.max(0, roundsIn(durationMin, everyMin, thenMin)) }, (_, i): HandsWindow => {
    const at = Math.max(0, Math.min(minutesOf(i + 1, everyMin, thenMin), durationMin - minutes));
    return [at, Math.min(durationMin, at + minutes)];
  });

/** Hands in three goes: as it begins, halfway, and as it ends. */
export const inThree = (durationMin: number, minutes: number): HandsWindow[] => {
  const each = Math.min(minutes, durationMin) / 3;
  return [
    [0, each],
    [(durationMin - each) / 2, (durationMin + each) / 2],
    [durationMin - each, durationMin],
  ];
};
