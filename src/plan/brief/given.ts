import type { Fault } from '../../core/faults/fault';
import type { OptionValue } from '../../makes/method';
import type { Checked } from './checks';
import type { Resolved } from './resolved';
import type { Brief } from './schema';

/** The option that would have found a dose, by what is given instead. */
export const FINDS = { acid: 'acidPH', coagulant: 'wantedSetMin', salt: 'saltPct' } as const;
type Finds = keyof typeof FINDS;

const isGiven = (brief: Pick<Brief, Finds>, what: Finds): boolean => brief[what]?.given !== undefined;

/** A batch's options as they decide something: those whose dose is given instead are not among them. */
export function saidOptions(brief: Resolved): Record<string, OptionValue> {
  const idle = (Object.keys(FINDS) as Finds[])
    .filter((what) => isGiven(brief, what))
    .map((what) => FINDS[what]);
  return Object.fromEntries(
    Object.entries(brief.options).filter(([key]) => !(idle as readonly string[]).includes(key)),
  );
}

/** Doses in hand that go into no stage of this make, or stand beside the option that would have found them. */
export function checkGiven(brief: Brief, { method, takes }: Checked, faults: Fault[]) {
  for (const what of Object.keys(FINDS) as Finds[]) {
    if (!isGiven(brief, what)) continue;
    const option = FINDS[what];
    if (brief.options?.[option] !== undefined)
      faults.push({
        path: `options.${option}`,
        problem: `is given beside ${what}.given`,
        remedy: 'give one of the two: the dose in hand, or what it should bring',
      });
    if (!takes(what))
      faults.push({
        path: `${what}.given`,
        problem: `is given, and no ${what} goes into ${method.short} made so`,
        remedy: 'leave it out',
      });
  }
  if (brief.culture?.given && !takes('culture'))
    faults.push({
      path: 'culture.given',
      problem: `is given, and no culture goes into ${method.short} made so`,
      remedy: 'leave it out',
    });
  if (typeof brief.calcium === 'object' && !takes('calcium'))
    faults.push({
      path: 'calcium.given',
      problem: `is given, and no calcium goes into ${method.short}`,
      remedy: 'leave it out',
    });
}
