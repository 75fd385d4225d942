import { wallMinutes } from './wallTime';

/** A time when nobody can lend a hand: every night from one clock time to another, and spells by the calendar. */
export interface Blocked {
  /** Clock times, "22:30" to "06:00"; over midnight where the second is earlier. */
  asleep?: { from: string; to: string } | undefined;
  /** Local wall times. */
  away?: readonly { from: string; to: string }[] | undefined;
}

const DAY_MIN = 1440;

/** Minutes after midnight of a clock time, or null when it is none. */
export function clockMinutes(text: string): number | null {
  const found = /^(\d{2}):(\d{2})$/.exec(text);
  const [hour, minute] = [Number(found?.[1]), Number(found?.[2])];
  return found && hour < 24 && minute < 60 ? hour * 60 + minute : null;
}

/** Spells between two wall minutes in which nobody is there, [from, to] wall minutes, in order. */
export function blockedBetween(
  { asleep, away }: Blocked,
  fromMin: number,
  toMin: number,
): [number, number][] {
  const spells: [number, number][] = [];
  for (const { from, to } of away ?? []) {
    const [a, b] = [wallMinutes(from), wallMinutes(to)];
    if (a !== null && b !== null && b > fromMin && a < toMin) spells.push([a, b]);
  }
  const [down, up] = [clockMinutes(asleep?.from ?? ''), clockMinutes(asleep?.to ?? '')];
  if (down !== null && up !== null && down !== up) {
    const sleeps = (up - down + DAY_MIN) % DAY_MIN;
    for (let day = Math.floor(fromMin / DAY_MIN) - 1; day * DAY_MIN <= toMin; day++) {
      const from = day * DAY_MIN + down;
      if (from + sleeps > fromMin && from < toMin) spells.push([from, from + sleeps]);
    }
  }
  return spells.sort((a, b) => a[0] - b[0]);
}
