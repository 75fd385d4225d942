import { getHours, getMinutes } from 'date-fns';
import type { Kitchen } from '../../files/backup';

/** Whether a moment, ms, lies in the hours when nobody stands at a pot, as the kitchen sets them. */
export function asleep(ms: number, { asleepFrom = 23, asleepTo = 6 }: Kitchen): boolean {
  const hour = getHours(ms) + getMinutes(ms) / 60;
  return asleepFrom > asleepTo
    ? hour >= asleepFrom || hour < asleepTo
    : hour >= asleepFrom && hour < asleepTo;
}
