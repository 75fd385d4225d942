import { getHours, getMinutes } from 'date-fns';
import type { Kitchen } from './kitchen';

/** Whether an hour of the day lies from one hour to another, over midnight too; nowhere where both are the same. */
const between = (hour: number, from: number, to: number) =>
  from > to ? hour >= from || hour < to : hour >= from && hour < to;

const hourOf = (ms: number) => getHours(ms) + getMinutes(ms) / 60;

/** Whether everybody sleeps at a moment, ms, as the kitchen sets its night. */
export const asleep = (ms: number, { asleepFrom = 23, asleepTo = 6 }: Kitchen): boolean =>
  between(hourOf(ms), asleepFrom, asleepTo);

/** Whether nobody is there, though awake. */
export const away = (ms: number, { awayFrom = null, awayTo = null }: Kitchen): boolean =>
  awayFrom !== null && awayTo !== null && between(hourOf(ms), awayFrom, awayTo);

/** Whether nobody stands at a pot. */
export const unattended = (ms: number, kitchen: Kitchen): boolean => asleep(ms, kitchen) || away(ms, kitchen);

const STEP_MS = 15 * 60_000;

/** The room's mean temperature over some hours from a moment, °C: as by day, and by night as the night has it. */
export function roomOverC(kitchen: Kitchen, fromMs: number, hours: number): number {
  const { roomC, roomNightC = null } = kitchen;
  if (roomNightC === null) return roomC;
  const steps = Math.max(1, Math.round((hours * 3_600_000) / STEP_MS));
  let sum = 0;
  for (let i = 0; i < steps; i++) sum += asleep(fromMs + i * STEP_MS, kitchen) ? roomNightC : roomC;
  return Math.round((10 * sum) / steps) / 10;
}
