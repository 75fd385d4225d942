import { format as formatDate, isSameDay, parseISO } from 'date-fns';

/** "2 h 05", "40 min". */
export function hoursText(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 60) return `${whole}\u00a0min`;
  if (whole >= 4320) return `${(whole / 1440).toFixed(whole % 1440 < 72 ? 0 : 1)}\u00a0days`;
  return `${Math.floor(whole / 60)}\u00a0h\u00a0${String(whole % 60).padStart(2, '0')}`;
}

/** "12:34" left, "1 h 02" when there is more than an hour, with a plus once it is over. */
export function countdownText(ms: number): string {
  const over = ms < 0;
  const seconds = Math.floor(Math.abs(ms) / 1000);
  if (seconds >= 3600)
    return `${over ? '+' : ''}${Math.floor(seconds / 3600)}\u00a0h\u00a0${String(Math.floor((seconds % 3600) / 60)).padStart(2, '0')}`;
  return `${over ? '+' : ''}${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

/** "14:05" today, "Fri 14:05" within the week, "Mon 7 Dec 14:05" beyond. */
export function momentText(ms: number, now: number): string {
  if (isSameDay(ms, now)) return formatDate(ms, 'HH:mm');
  return formatDate(ms, Math.abs(ms - now) < 6 * 86_400_000 ? 'EEE HH:mm' : 'EEE d MMM HH:mm');
}

export const dayText = (ms: number): string => formatDate(ms, 'EEE d MMM yyyy');

/** A day that is near, told without its year: “Wed 2 Dec”. */
export const nearDayText = (day: string): string => formatDate(parseISO(day), 'EEE\u00a0d\u00a0MMM');
export const clockText = (ms: number): string => formatDate(ms, 'HH:mm');
/** "Fri 14:05". */
export const dayClock = (ms: number): string => formatDate(ms, 'EEE HH:mm');
