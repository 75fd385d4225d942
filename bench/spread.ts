/** How long the spread of each make takes, and how far its percentiles lie from those of many more draws. */
import { SPREAD_ROWS } from '../src/core/stats/spreadPoints';
import { METHODS } from '../src/makes';
import { atLitres, resolveBrief } from '../src/plan/brief/resolve';
import { type Range, type Spread, spreadOf } from '../src/plan/spread/draws';
import { stagesOf, walk } from '../src/plan/stages';
import { NO_DEPARTURE, potAtStart, worldOf } from '../src/plan/world';

/** Lattices of the reference: twenty thousand draws. */
const REFERENCE = 20;
const LITRES = 8;
const TIMES = 7;

const offPct = (one: Range, reference: Range) =>
  100 * Math.max(Math.abs(one.low / reference.low - 1), Math.abs(one.high / reference.high - 1));
const ranges = (spread: Spread): [string, Range | null][] => [
  ['yield', spread.yieldKg],
  ['drain', spread.drainHours.high > 0 ? spread.drainHours : null],
  ['set', spread.setMin],
  ['souring', spread.acidifyHours],
];

for (const method of METHODS) {
  const ready = resolveBrief(
    {
      format: 'plump-pail/brief',
      version: 1,
      method: method.id,
      milk: { species: method.usual.species ?? 'cow', litres: LITRES },
    },
    METHODS,
  );
  if (!ready.ok) throw new Error(method.id);
  const brief = atLitres(ready.value, LITRES);
  const stages = stagesOf(method, brief);
  const world = worldOf(brief, method, LITRES, NO_DEPARTURE);
  walk(stages, world, potAtStart(brief, world));
  const dosed = { acid: world.acid?.amount ?? null, imcuPerLitre: world.coagulant?.imcuPerLitre ?? null };
  const drawn = (lattices: number) => spreadOf(ready.value, LITRES, stages, dosed, { lattices });
  const reference = ranges(drawn(REFERENCE));
  const found = ranges(drawn(1));
  const took = Array.from({ length: TIMES }, () => {
    const begun = performance.now();
    drawn(1);
    return performance.now() - begun;
  }).sort((a, b) => a - b);
  const off = found.flatMap(([name, range], i) => {
    const known = reference[i]?.[1];
    return range && known ? [`${name} ${offPct(range, known).toFixed(2)} %`] : [];
  });
  console.log(
    `${method.id.padEnd(24)} ${SPREAD_ROWS} draws in ${(took[3] as number).toFixed(1).padStart(6)} ms; percentiles off ${REFERENCE * SPREAD_ROWS}: ${off.join(', ')}`,
  );
}
