import { z } from 'zod';
import { boundedBy, oneLine } from '../core/faults/bounds';
import { bad, type Fault, good, type Result } from '../core/faults/fault';
import { parse } from '../core/faults/zodFaults';
import { roundTo } from '../core/units/numbers';
import { wallMinutes, wallTimeOf } from '../core/units/wallTime';
import { type Brief, briefSchema, clockTime, wallTime } from '../plan/brief/schema';
import { withoutClock } from '../plan/byClock';
import { planBrief } from '../plan/plan';
import { PLAIN_CLOCK, type WeekClock, zoneClock } from './clock';
import { AS_WRITTEN, type Says } from './ownHours';
import type { Ready, Wanted, Week } from './week';
import { becauseOf } from './whyNot';
import type { Laid } from './wish';

const id = oneLine(100).min(1, 'give at least one letter');
const spell = z.strictObject({ from: wallTime, to: wallTime }).refine(({ from, to }) => from < to, {
  path: ['to'],
  message: 'give a time after its beginning',
});

/** A week as a file carries it: who is there, what there is, and what is wanted. */
export const weekSchema = z.strictObject({
  format: z.literal('plump-pail/week'),
  version: z.literal(1),
  from: wallTime,
  days: z.int().min(1).max(28),
  /** Pairs of hands. */
  hands: z.int().min(1).max(20),
  /** Where its clock is put forward and back; without it the clock never is. */
  zone: oneLine(60).optional(),
  asleep: z.strictObject({ from: clockTime, to: clockTime }).optional(),
  away: z.array(spell).max(200).optional(),
  pots: z
    .array(z.strictObject({ id, litres: boundedBy(0.1, 5000, ' L') }))
    .max(50)
    .optional(),
  rings: z.int().min(0).max(50).optional(),
  presses: z.int().min(0).max(50).optional(),
  milk: z
    .array(
      z.strictObject({
        id,
        litres: boundedBy(0, 50_000, ' L'),
        from: wallTime.optional(),
        useBy: wallTime.optional(),
      }),
    )
    .max(100)
    .optional(),
  wishes: z
    .array(
      z.strictObject({
        id,
        brief: briefSchema,
        milk: id.optional(),
        notBefore: wallTime.optional(),
        readyBy: wallTime.optional(),
        weight: boundedBy(0.001, 1000).optional(),
      }),
    )
    .max(60),
});
export type WeekFile = z.infer<typeof weekSchema>;

const stagesSchema = z.array(
  z.strictObject({ id: oneLine(60), startMin: boundedBy(0, 1e6), durationMin: boundedBy(0, 1e6) }),
);

/** A week as it was laid. */
export const weekPlanSchema = z.strictObject({
  format: z.literal('plump-pail/week-plan'),
  version: z.literal(1),
  placed: z
    .array(
      z.strictObject({
        id,
        pot: oneLine(100).nullable(),
        start: wallTime,
        readyAt: wallTime,
        stages: stagesSchema.max(100),
      }),
    )
    .max(60),
  left: z
    .array(
      z.strictObject({
        id,
        because: oneLine(1000),
        nearest: z.strictObject({ start: wallTime, breaks: oneLine(1000) }),
      }),
    )
    .max(60),
  /** Whether nothing better exists on a grid of five minutes. */
  proved: z.boolean(),
});
export type WeekPlan = z.infer<typeof weekPlanSchema>;

const twice = (ids: readonly string[]): string | undefined => ids.find((one, i) => ids.indexOf(one) !== i);

/** Faults that only show when a week is looked at whole. */
function faultsOf({ pots = [], milk = [], wishes }: WeekFile): Fault[] {
  const lots = milk.map((lot) => lot.id);
  return [
    ...Object.entries({ pots, milk, wishes }).flatMap(([path, all]): Fault[] => {
      const double = twice(all.map((one) => one.id));
      return double === undefined
        ? []
        : [{ path, problem: `has “${double}” twice`, remedy: 'give each a name of its own' }];
    }),
    ...wishes.flatMap((wish, i): Fault[] =>
      wish.milk === undefined || lots.includes(wish.milk)
        ? []
        : [
            {
              path: `wishes.${i}.milk`,
              problem: `is “${wish.milk}”, and no such milk comes`,
              remedy: lots.length > 0 ? `take one of ${lots.join(', ')}` : 'say what milk comes',
            },
          ],
    ),
  ];
}

function clockOf(zone: string | undefined): WeekClock | null {
  if (zone === undefined) return PLAIN_CLOCK;
  try {
    return zoneClock(zone);
  } catch {
    return null;
  }
}

const minutesOf = (text: string | undefined): number | null =>
  text === undefined ? null : wallMinutes(text);

/** A week read from a file, each wish planned: by the day's own hours, since the week says when. */
export function weekOf(value: unknown): Result<Week> {
  const read = parse<WeekFile>(weekSchema, value);
  if (!read.ok) return read;
  const file = read.value;
  const faults = faultsOf(file);
  const clock = clockOf(file.zone);
  if (!clock)
    faults.push({
      path: 'zone',
      problem: `is “${file.zone}”, and no such place is known`,
      remedy: 'give a name of the IANA time zones, or leave it out',
    });
  const wanted = file.wishes.map((wish, i): Wanted | null => {
    const { start: _start, readyBy: _readyBy, ...brief } = withoutClock(wish.brief);
    const planned = planBrief(brief as Brief, { spread: false });
    if (!planned.ok) {
      faults.push(...planned.faults.map((fault) => ({ ...fault, path: `wishes.${i}.brief.${fault.path}` })));
      return null;
    }
    return {
      id: wish.id,
      plan: planned.value.plan,
      method: planned.value.method,
      milk: wish.milk ?? null,
      notBefore: minutesOf(wish.notBefore),
      readyBy: minutesOf(wish.readyBy),
      weight: wish.weight ?? 1,
    };
  });
  if (faults.length > 0 || !clock) return bad(...faults);
  return good({
    from: wallMinutes(file.from) ?? 0,
    days: file.days,
    clock,
    hands: file.hands,
    asleep: file.asleep,
    away: file.away,
    pots: file.pots,
    rings: file.rings,
    presses: file.presses,
    milk: (file.milk ?? []).map((lot) => ({
      id: lot.id,
      litres: lot.litres,
      from: minutesOf(lot.from),
      useBy: minutesOf(lot.useBy),
    })),
    wanted: wanted.flatMap((one) => one ?? []),
  });
}

/** A laid week as its file: where each make stands, and why what is left is left. */
export function weekPlanOf(ready: Ready, laid: Laid, proved: boolean, says: Says = AS_WRITTEN): WeekPlan {
  const { week } = ready;
  const start = week.clock.real(week.from);
  const wall = (minute: number) => wallTimeOf(week.clock.wall(start + minute));
  const placed = week.wanted.flatMap((wanted, i): WeekPlan['placed'] => {
    const one = laid[i];
    if (!one) return [];
    const { column, pot } = one;
    return [
      {
        id: wanted.id,
        pot: pot === null ? null : (week.pots?.[pot]?.id ?? null),
        start: wall(column.startMin),
        readyAt: wall(Math.floor(column.endMin + 1e-6)),
        stages: column.shape.stages.map(({ startMin, durationMin }, k) => ({
          id: wanted.plan.stages[k]?.id ?? '',
          startMin: roundTo(startMin, 3),
          durationMin: roundTo(durationMin, 3),
        })),
      },
    ];
  });
  const left = week.wanted.flatMap((wanted, i): WeekPlan['left'] =>
    laid[i] ? [] : [{ id: wanted.id, ...becauseOf(ready, laid, i, says) }],
  );
  return { format: 'plump-pail/week-plan', version: 1, placed, left, proved };
}
