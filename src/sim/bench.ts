import { bufferOf } from '../core/acid/buffer';
import { liquidStarter } from '../core/culture/dose';
import { advance, type Ferment, fermentPH, startFerment } from '../core/culture/ferment';
import { good, type Result } from '../core/faults/fault';
import { LOSS_W_PER_M2K, potOf, tempAfter } from '../core/heat/pot';
import { compositionOf, type MilkBatch, milkBatch } from '../core/milk/composition';
import { FRESH_MILK_PH, SPECIES_FACTS } from '../core/milk/species';
import { normal, type Random, seeded } from '../core/stats/random';
import { roundTo } from '../core/units/numbers';
import type { Brief } from '../plan/brief/schema';
import { type BenchBatch, benchBatch, curdOnScaleKg, pHWithAcid } from './batch';
import { afterglow, ICE_C, ICE_W_PER_M2K } from './hob';
import { wheyWith } from './whey';

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

/** A pot on the bench: a probe, a pH meter and a scale on milk that obeys the core, with quirks of its own. */
export interface BenchPot {
  minute: number;
  tempC: number;
  litres: number;
  controls: BenchControls;
  /** What is really being made; null is plain milk. */
  batch: BenchBatch | null;
  /** When the coagulant went in, and the curd onto the scale, min. */
  coagulantAt: number | null;
  drainedFrom: number | null;
  /** What this hob gives against the usual one and still gives when it is off; how far the probe is off, and trembles. */
  quirks: { power: number; probeOffC: number; noiseC: number; pHOff: number; heatLeftKj: number };
  /** Heat the hob and the base still hold, kJ. */
  heatLeftKj: number;
  ferment: Ferment | null;
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

const ROOM_C = 20;
const DROP_OUT = { chance: 0.01, most: 6 } as const;

/** A pot new to the bench, of plain milk at `tempC`, with the quirks of its seed. */
export function benchPot(litres: number, seed: number, tempC = 4): BenchPot {
  const random = seeded(seed);
  return {
    minute: 0,
    tempC,
    litres,
    controls: {
      hob: 0,
      lid: true,
      ice: false,
      culture: false,
      coagulant: false,
      acidGrams: 0,
      scale: 'pot',
    },
    batch: null,
    coagulantAt: null,
    drainedFrom: null,
    quirks: {
      power: Math.exp(0.2 * normal(random)),
      probeOffC: 0.6 * normal(random),
      noiseC: 0.1,
      pHOff: 0.03 * normal(random),
      heatLeftKj: 10 + 50 * random(),
    },
    heatLeftKj: 0,
    ferment: null,
    lost: 0,
    random,
    seed,
  };
}

const facts = SPECIES_FACTS.cow;

/**
 * Puts a real batch of a brief into a pot that holds none yet, as warm as the pot is, the same one for the same seed; faults
 * of the brief come back.
 */
export function putOnBench(pot: BenchPot, brief: Brief): Result<BenchPot> {
  if (pot.batch) return good(pot);
  const { power, probeOffC } = pot.quirks;
  const batch = benchBatch(brief, { power, probeOffC: -probeOffC }, seeded(pot.seed + 1));
  if (!batch.ok) return batch;
  pot.batch = batch.value;
  pot.litres = batch.value.world.milk.litres;
  pot.ferment = null;
  return good(pot);
}

const milkIn = (pot: BenchPot): MilkBatch =>
  pot.batch?.world.milk ?? milkBatch(pot.litres, compositionOf('cow', facts.fatPct, facts.proteinPct));

/** A long wait goes by in steps of this, min. */
const STEP_MIN = 10;

/** Moves a pot on by so many minutes. */
export function stepBench(pot: BenchPot, minutes: number): void {
  for (let left = minutes; left > 0; left -= STEP_MIN) step(pot, Math.min(left, STEP_MIN));
}

function step(pot: BenchPot, minutes: number): void {
  const { hob, lid, ice, culture, coagulant, scale } = pot.controls;
  const milk = milkIn(pot);
  const lossW = ice ? ICE_W_PER_M2K : lid ? LOSS_W_PER_M2K.lidded : LOSS_W_PER_M2K.uncoveredNowAndThen;
  const body = potOf(pot.litres, milk.massKg, 'milk', lossW);
  const glow = afterglow({ on: hob > 0, holdsKj: pot.quirks.heatLeftKj, leftKj: pot.heatLeftKj }, minutes);
  pot.heatLeftKj = glow.leftKj;
  const power = body.powerKw * (hob / 2) * pot.quirks.power + glow.kW;
  const started = pot.tempC;
  const roomC = pot.batch?.world.roomC ?? ROOM_C;
  if (coagulant) pot.coagulantAt ??= pot.minute;
  if (scale === 'curd') pot.drainedFrom ??= pot.minute;
  pot.tempC = Math.min(100, tempAfter(body, started, minutes, ice ? ICE_C : roomC, power));
  pot.minute += minutes;
  if (culture && !pot.ferment)
    pot.ferment = pot.batch
      ? startFerment(pot.batch.world.buffer, pot.batch.world.cultures)
      : startFerment(bufferOf(milk, FRESH_MILK_PH), [liquidStarter('mesophilic', 1.5)]);
  if (pot.ferment) {
    const ended = pot.tempC;
    advance(
      pot.ferment,
      (hour) => started + (ended - started) * Math.min(1, (hour * 60) / Math.max(minutes, 1e-9)),
      0,
      minutes / 60,
      0.25,
    );
  }
}

/** What somebody at the pot would see: the bowl on the milk, and the whey. */
export function benchLooks(pot: BenchPot): { bowl: 'turning' | 'stopped' | null; whey: string | null } {
  const { batch, coagulantAt } = pot;
  const { acidGrams } = pot.controls;
  const floc = batch?.flocculationMin ?? null;
  return {
    bowl:
      coagulantAt === null || floc === null ? null : pot.minute - coagulantAt >= floc ? 'stopped' : 'turning',
    whey:
      batch?.acidNeededGrams == null || acidGrams <= 0 ? null : wheyWith(acidGrams, batch.acidNeededGrams),
  };
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
  const { batch } = pot;
  const pH = pot.ferment
    ? fermentPH(pot.ferment)
    : batch
      ? pHWithAcid(batch, pot.controls.acidGrams)
      : FRESH_MILK_PH;
  const kg =
    batch && pot.drainedFrom !== null
      ? curdOnScaleKg(batch, (pot.minute - pot.drainedFrom) / 60)
      : milkIn(pot).massKg;
  return {
    format: 'plump-pail/reading',
    version: 1,
    simulated: true,
    minute: roundTo(pot.minute, 3),
    tempC: roundTo(pot.tempC + pot.quirks.probeOffC + pot.quirks.noiseC * normal(pot.random), 2),
    pH: roundTo(pH + pot.quirks.pHOff + 0.01 * normal(pot.random), 2),
    kg: roundTo(kg, 2),
  };
}
