import { type Bag, bagAfter } from '../core/curd/bag';
import { type Fault, good, type Result } from '../core/faults/fault';
import { type Random, seeded } from '../core/stats/random';
import { roundTo } from '../core/units/numbers';
import type { Brief } from '../plan/brief/schema';
import { act } from './practice/acts';
import { beginPractice, type Practice } from './practice/batch';
import { bestOf } from './practice/best';
import { plannedGrams } from './practice/doses';
import { elapse } from './practice/elapse';
import { hiddenOf } from './practice/hidden';
import { look, meterReads, readsC } from './practice/senses';

/** What somebody does to the pot on the bench. */
export interface BenchControls {
  /** Hob setting, 0 off to 3 full. */
  hob: 0 | 1 | 2 | 3;
  lid: boolean;
  /** Standing in an ice bath. */
  ice: boolean;
  /** A culture has gone in. */
  culture: boolean;
  /** A coagulant has gone in. */
  coagulant: boolean;
  /** Acid that has gone in so far, g of product. */
  acidGrams: number;
  /** What stands on the scale. */
  scale: 'pot' | 'curd';
}

/**
 * A pot on the bench: a probe, a pH meter and a scale on a practice pot with quirks of its own, whose hob, lid, ice and doses
 * are in somebody's hands, and whose curd comes out as a good hand would have brought it there.
 */
export interface BenchPot {
  practice: Practice;
  /** When what is in it was put there, min of the bench. */
  from: number;
  controls: BenchControls;
  /** What its curd comes to in good hands, kg; null while plain milk is in it. */
  kg: number | null;
  /** When the curd came onto the scale, min of the bench. */
  drainedFrom: number | null;
  /** Readings still to be lost in the drop-out under way. */
  lost: number;
  random: Random;
  seed: number;
}

/** One reading, as the instruments send it. */
export interface BenchReading {
  format: 'plump-pail/reading';
  version: 1;
  /** From the pretend pot, not from an instrument. */
  simulated: true;
  minute: number;
  tempC: number;
  pH: number;
  kg: number;
}

const DROP_OUT = { chance: 0.01, most: 6 } as const;

/** Plain milk on the bench is milk of which anything that sours could become. */
const plain = (litres: number): Brief => ({
  format: 'plump-pail/brief',
  version: 1,
  method: 'sour-basket',
  milk: { species: 'cow', litres },
});

/** A pot new to the bench, of plain milk at `tempC`, with the quirks of its seed. */
export function benchPot(litres: number, seed: number, tempC = 4): BenchPot {
  const begun = beginPractice(plain(litres), hiddenOf({ seed }), seed);
  if (!begun.ok) throw new Error('plain milk can always stand on the bench');
  begun.value.pot.tempC = tempC;
  return {
    practice: begun.value,
    from: 0,
    controls: {
      hob: 0,
      lid: true,
      ice: false,
      culture: false,
      coagulant: false,
      acidGrams: 0,
      scale: 'pot',
    },
    kg: null,
    drainedFrom: null,
    lost: 0,
    random: seeded(seed + 2),
    seed,
  };
}

/** The bench's own time, min. */
export const minuteOf = ({ from, practice }: BenchPot): number => from + practice.pot.minute;

const UNMADE: Fault = { path: 'method', problem: 'comes to nothing with this milk', remedy: 'plan it anew' };

/**
 * Puts a real batch of a brief into a pot that holds none yet, as warm as the pot is, the same one for the same seed; faults
 * of the brief come back.
 */
export function putOnBench(pot: BenchPot, brief: Brief): Result<BenchPot> {
  if (pot.kg !== null) return good(pot);
  const hidden = hiddenOf({ seed: pot.seed });
  const begun = beginPractice(brief, hidden, pot.seed);
  if (!begun.ok) return begun;
  const best = bestOf(brief, hidden);
  if (!best) return { ok: false, faults: [UNMADE] };
  const { tempC } = pot.practice.pot;
  pot.from = minuteOf(pot);
  pot.practice = begun.value;
  pot.practice.pot.tempC = tempC;
  pot.kg = best.kg;
  return good(pot);
}

/** Does to the pot what its controls say and has not been done yet. */
function obey({ practice, controls }: BenchPot): void {
  practice.hob = controls.hob;
  practice.lid = controls.lid;
  practice.ice = controls.ice;
  // Whoever turns its hob stirs it too.
  practice.stirring = controls.hob > 0;
  const add = (what: 'culture' | 'coagulant') =>
    act(practice, { do: 'add', what, grams: plannedGrams(practice, what) ?? 0 });
  if (controls.culture && !practice.pot.ferment) add('culture');
  if (controls.coagulant && !practice.pot.clot) add('coagulant');
  const more = controls.acidGrams - practice.acidGrams;
  if (more > 0) act(practice, { do: 'add', what: 'acid', grams: more });
}

/** Moves a pot on by so many minutes. */
export function stepBench(pot: BenchPot, minutes: number): void {
  obey(pot);
  if (pot.controls.scale === 'curd') pot.drainedFrom ??= minuteOf(pot);
  elapse(pot.practice, minutes);
  // A pot may stand here for days: only where it is now matters.
  pot.practice.course.splice(0, pot.practice.course.length - 1);
}

/** What somebody at the pot would see: the bowl on the milk, and the whey. */
export function benchLooks(pot: BenchPot): { bowl: 'turning' | 'stopped' | null; whey: string | null } {
  obey(pot);
  const { bowl, whey } = look(pot.practice);
  return { bowl, whey };
}

/** Its curd on the scale after `hours` of draining, kg: a bag as it runs off, all else as it comes out. */
function curdOnScaleKg({ brief, method, world }: Practice, kg: number, hours: number): number {
  if (!method.bag || !world.bag) return kg;
  const milkKg = Math.min(world.bagKg, world.milk.massKg);
  const bag: Bag = {
    composition: world.milk.composition,
    milkKg,
    tempC: brief.roomC,
    style: world.bag,
    weighed: [],
  };
  return Math.max(kg, (bagAfter(bag, hours).kgLeft * world.milk.massKg) / milkKg);
}

/** What the instruments show now; null while they have dropped out. */
export function readBench(pot: BenchPot): BenchReading | null {
  if (pot.lost > 0) {
    pot.lost--;
    return null;
  }
  if (pot.random() < DROP_OUT.chance) {
    pot.lost = 1 + Math.floor(pot.random() * DROP_OUT.most);
    return null;
  }
  obey(pot);
  const { practice, kg, drainedFrom } = pot;
  const onScale =
    kg !== null && drainedFrom !== null
      ? curdOnScaleKg(practice, kg, (minuteOf(pot) - drainedFrom) / 60)
      : practice.pot.kg;
  return {
    format: 'plump-pail/reading',
    version: 1,
    simulated: true,
    minute: roundTo(minuteOf(pot), 3),
    tempC: roundTo(readsC(practice), 2),
    pH: roundTo(meterReads(practice), 2),
    kg: roundTo(onScale, 2),
  };
}
