import { type Wrap, wrapFor } from '../core/heat/keepWarm';
import type { KeepWarm } from '../core/heat/warming';
import { compositionOf, milkBatch } from '../core/milk/composition';
import { SPECIES_FACTS } from '../core/milk/species';
import { capital } from '../core/units/capital';
import type { Format } from '../core/units/format';
import { does } from '../makes/asked';
import { KEPT_WORDS } from '../plan/milkWords';
import { coursesIn } from './frozen';
import { type MakeState, stageAt } from './makeState';

/** A set that cools by more than this is another set, °C. Common practice. */
const LETS_GO_C = 2;
const KEEPS: Record<Wrap, KeepWarm> = {
  lidded: 'lid',
  towel: 'towel',
  blanket: 'blanket',
  insulatedBox: 'insulated',
};

/**
 * How this vessel keeps its heat through the set under way, and what would keep it better where it lets go of much; null where
 * nothing sets.
 *
 * @example keptText(state, format) // 'In a towel it goes from 31.0 to 29.6 °C meanwhile.'
 */
export function keptText(state: MakeState, format: Format): string | null {
  const stage = stageAt(state);
  const course = coursesIn(state)?.stages[state.index]?.course;
  const fromC = course?.[0]?.[1];
  const toC = course?.at(-1)?.[1];
  if (!does(stage, 'sets') || fromC === undefined || toC === undefined) return null;
  const { keepWarm, roomC = 20, milk } = state.plan.brief;
  const how = keepWarm ? capital(KEPT_WORDS[keepWarm]) : 'Covered and wrapped';
  const fallC = fromC - toC;
  if (Math.abs(fallC) < 0.5) return `${how} it keeps its heat.`;
  const litres = milk.litres ?? 1;
  const { fatPct, proteinPct } = SPECIES_FACTS[milk.species];
  const { massKg } = milkBatch(
    litres,
    compositionOf(milk.species, milk.fatPct ?? fatPct, milk.proteinPct ?? proteinPct),
  );
  const better =
    fallC > LETS_GO_C ? wrapFor(litres, massKg, fromC, roomC, stage.durationMin.likely, LETS_GO_C) : null;
  const instead =
    fallC <= LETS_GO_C
      ? ''
      : better
        ? ` ${capital(KEPT_WORDS[KEEPS[better]])} it would lose less than ${format.tempStep(LETS_GO_C, 0)}.`
        : ' Warm the room, or set it in a bath that is kept warm.';
  return `${how} it goes from ${format.temp(fromC)} to ${format.temp(toC)} meanwhile; the plan reckons with that.${instead}`;
}
