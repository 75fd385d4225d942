import { amountOfGrams, gramsOfProduct } from '../../core/acid/acids';
import { aimedPH, coagulationPH } from '../../core/acid/coagulation';
import { amountForPH } from '../../core/acid/titrate';
import type { Fault } from '../../core/faults/fault';
import type { DoseId } from '../../makes/grammar';
import { settingCourse } from '../../makes/kinds/clot';
import { acidIn, cultureIn } from '../../makes/kinds/leaves';
import { cannot, costs, type Practice, pailWith, stageNow } from './batch';

/** Hotter than this a culture that is put in dies; a coagulant is gone. Common practice. */
const CULTURE_DIES_C = 50;
const COAGULANT_DIES_C = 55;
/** Lipase is missed below this share of what was planned, and sharp above that. Judgement. */
const MISSED_BELOW = 0.5;
const SHARP_FROM = 1.6;
/** How far ahead the souring is looked at as a set begins, min. */
const LOOK_MIN = 60;

/** Grams of a dose as planned; null where the plan has none. */
export const plannedGrams = ({ planned }: Practice, dose: DoseId): number | null =>
  planned.plan.doses.find(({ id }) => id === dose)?.grams ?? null;

/** Share of the casein that acid has caught so far: none below half of what it needs, all of it once the whey clears. Judgement. */
export const caughtShare = ({ acidGrams, acidNeededGrams }: Practice): number =>
  acidNeededGrams === null ? 1 : Math.min(1, Math.max(0, (acidGrams / acidNeededGrams - 0.5) / 0.48));

/** Acid this milk needs at such a heat, g of product. */
function needAt({ brief, world }: Practice, tempC: number): number | null {
  if (!brief.acid || !world.acid) return null;
  const need = amountForPH(world.buffer, world.acid.titrant, aimedPH(tempC)) * world.milk.litres;
  return gramsOfProduct(brief.acid, need);
}

/** What it needs goes by the heat it was poured at, as the plan's does: curd that has begun to catch goes on though the pour cools it. Judgement. */
function needOf(practice: Practice, tempC: number): number | null {
  const need = needAt(practice, tempC);
  const { acidNeededGrams, portions } = practice;
  return need === null || acidNeededGrams === null || portions === 1 ? need : Math.min(need, acidNeededGrams);
}

/** Acid into the pot. */
export function addAcid(practice: Practice, grams: number): Fault | null {
  const { brief, world, pot, method } = practice;
  if (!brief.acid || !world.acid) return cannot('put acid into a make that takes none', 'leave it out');
  const before = pot.tempC;
  const amount = amountOfGrams(brief.acid, grams);
  acidIn(world, pot, amount, world.acid.amount);
  world.acid = { ...world.acid, amount: world.acid.amount + amount };
  practice.acidGrams += grams;
  practice.portions++;
  if (method.acid === 'turns') practice.acidNeededGrams = needOf(practice, before);
  else if (practice.cutAt === null && pot.pH <= coagulationPH(before))
    costs(practice, {
      cause: 'acid-into-warm-milk',
      found: ['curdled-early'],
      text: 'The milk was too warm for its acid and curdled where the stream went in.',
      casein: 0.1,
      fat: 0.1,
    });
  return null;
}

/** Any other dose into the pot, by what was planned of it. */
export function addDose(practice: Practice, what: DoseId, grams: number): Fault | null {
  const planned = plannedGrams(practice, what);
  if (planned === null || planned === 0)
    return cannot(`put in ${what}, which this make does not take`, 'leave it out');
  const { pot, world } = practice;
  const share = grams / planned;
  switch (what) {
    case 'culture': {
      const alive = pot.tempC > CULTURE_DIES_C ? 1e-4 : 1;
      const cells = world.cultures.map(({ cfuPerMl }) => cfuPerMl * share * alive);
      if (pot.ferment)
        for (const [i, more] of cells.entries()) pot.ferment.state[i] = (pot.ferment.state[i] ?? 0) + more;
      else {
        const all = world.cultures;
        world.cultures = all.map((one, i) => ({ ...one, cfuPerMl: cells[i] ?? 0 }));
        cultureIn(world, pot);
        world.cultures = all;
      }
      if (alive < 1)
        costs(practice, {
          cause: 'culture-killed',
          found: ['not-sour'],
          text: 'The milk was hotter than its culture lives through.',
          marks: 5,
        });
      return null;
    }
    case 'coagulant': {
      practice.coagulantShare += share * (pot.tempC > COAGULANT_DIES_C ? 0.02 : 1);
      pot.work.setC ??= pot.tempC;
      pot.clot ??= { at: pot.minute, courseAt: settingCourse(world, pot, LOOK_MIN) };
      return null;
    }
    case 'calcium':
      pot.calciumMmolPerLitre += world.calciumMmolPerLitre * share;
      return null;
    case 'cream':
      creamIn(practice, share);
      return null;
    case 'lipase':
      practice.added.lipase += share;
      if (practice.added.lipase > SHARP_FROM)
        costs(practice, {
          cause: null,
          found: ['bitter'],
          text: 'So much lipase is sharp at first, and soapy within days.',
          marks: 5 * share,
        });
      return null;
    default:
      return null;
  }
}

/** Cream into the pail makes another milk of it; over the curd it is simply there. */
function creamIn(practice: Practice, share: number): void {
  const { added, method, pot, world } = practice;
  added.cream += share;
  if (method.cream !== 'milk') return;
  practice.world = pailWith(practice, added.cream);
  if (world.acid && practice.world.acid) practice.world.acid.amount = world.acid.amount;
  const { milk } = practice.world;
  pot.kg += milk.massKg - world.milk.massKg;
  pot.litres += milk.litres - world.milk.litres;
}

/** A dose of taste that a stage asked for and nobody gave. */
export function leftOut(practice: Practice): void {
  const { kind, params } = stageNow(practice);
  if (!kind.takes(params).includes('lipase') || !plannedGrams(practice, 'lipase')) return;
  if (practice.added.lipase < MISSED_BELOW)
    costs(practice, {
      cause: null,
      found: ['bland'],
      text: 'The lipase was left out, and with it what it tastes of.',
      marks: 4,
    });
}
