/**
 * Local wall time without a zone, as briefs and plans carry it ("2026-11-27T09:00"), computed on the
 * proleptic Gregorian calendar (ISO 8601). It knows no summer time: a plan counts minutes on the kitchen clock.
 */
const PATTERN = /^(\d{4})-(\d{2})-(\d{2})T(\d{2}):(\d{2})$/;

const isLeap = (year: number) => (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0;
const daysInMonth = (year: number, month: number) =>
  month === 2 ? (isLeap(year) ? 29 : 28) : [4, 6, 9, 11].includes(month) ? 30 : 31;

/** Days from 1970-01-01 to a civil date; the era method, exact for every year. */
function daysFromCivil(year: number, month: number, day: number): number {
  const y = month <= 2 ? year - 1 : year;
  const era = Math.floor(y / 400);
  const yearOfEra = y - era * 400;
  const dayOfYear = Math.floor((153 * (month + (month > 2 ? -3 : 9)) + 2) / 5) + day - 1;
  const dayOfEra = yearOfEra * 365 + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100) + dayOfYear;
  return era * 146097 + dayOfEra - 719468;
}

/** Minutes since 1970-01-01T00:00 on the same wall clock, or null when the text is no such moment. */
export function wallMinutes(text: string): number | null {
  const found = PATTERN.exec(text);
  if (!found) return null;
  const [year, month, day, hour, minute] = found.slice(1).map(Number) as [
    number,
    number,
    number,
    number,
    number,
  ];
  if (month < 1 || month > 12 || day < 1 || day > daysInMonth(year, month) || hour > 23 || minute > 59)
    return null;
  return daysFromCivil(year, month, day) * 1440 + hour * 60 + minute;
}

/** The wall time `minutes` after 1970-01-01T00:00, to the nearest minute. */
export function wallTimeOf(minutes: number): string {
  const whole = Math.round(minutes);
  const days = Math.floor(whole / 1440);
  const rest = whole - days * 1440;
  const shifted = days + 719468;
  const era = Math.floor(shifted / 146097);
  const dayOfEra = shifted - era * 146097;
  const yearOfEra = Math.floor(
    (dayOfEra - Math.floor(dayOfEra / 1460) + Math.floor(dayOfEra / 36524) - Math.floor(dayOfEra / 146096)) /
      365,
  );
  const dayOfYear = dayOfEra - (365 * yearOfEra + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100));
  const m = Math.floor((5 * dayOfYear + 2) / 153);
  const day = dayOfYear - Math.floor((153 * m + 2) / 5) + 1;
  const month = m < 10 ? m + 3 : m - 9;
  const year = yearOfEra + era * 400 + (month <= 2 ? 1 : 0);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${String(year).padStart(4, '0')}-${two(month)}-${two(day)}T${two(Math.floor(rest / 60))}:${two(rest % 60)}`;
}

/** A moment, ms since 1970 UTC, as ISO 8601 in UTC to the second. */
export function isoUtc(ms: number): string {
  const minutes = Math.floor(ms / 60_000);
  const seconds = Math.floor((ms - minutes * 60_000) / 1000);
  return `${wallTimeOf(minutes)}:${String(seconds).padStart(2, '0')}Z`;
}
