import { bufferOf } from '../core/acid/buffer';
import { liquidStarter } from '../core/culture/dose';
import { advance, type Ferment, fermentPH, startFerment } from '../core/culture/ferment';
import { LOSS_W_PER_M2K, potOf, tempAfter } from '../core/heat/pot';
import { compositionOf, milkBatch } from '../core/milk/composition';
import { FRESH_MILK_PH, SPECIES_FACTS } from '../core/milk/species';
import { normal, type Random, seeded } from '../core/stats/random';
import { roundTo } from '../core/units/numbers';

/** What somebody does to the pot on the bench. */
export interface BenchControls {
  /** Hob setting, 0 off to 3 full. */
  hob: 0 | 1 | 2 | 3;
  lid: boolean;
  /** Standing in an ice bath. */
  ice: boolean;
  /** A culture has gone in. */
  culture: boolean;
}

/** A pot on the bench: a probe, a pH meter and a scale on milk that obeys the core, with quirks of its own. */
export interface BenchPot {
  minute: number;
  tempC: number;
  litres: number;
  controls: BenchControls;
  /** What this hob gives against the usual one and still gives when it is off; how far the probe is off, and trembles. */
  quirks: { power: number; probeOffC: number; noiseC: number; pHOff: number; heatLeftKj: number };
  /** Heat the hob and the base still hold, kJ. */
  heatLeftKj: number;
  ferment: Ferment | null;
  /** Readings still to be lost in the drop-out under way. */
  lost: number;
  random: Random;
}

/** One reading, as the instruments send it. */
export interface BenchReading {
  format: 'plump-pail/reading';
  version: 1;
  minute: number;
  tempC: number;
  pH: number;
  kg: number;
}

const ROOM_C = 20;
const ICE_C = 1;
/** Heat of an ice bath's stirred wall, W/m²K, as the sink bath's stirred one. From memory. */
const ICE_W_PER_M2K = 250;
/** A hob that is off has given two thirds of what it held after this, min. Common practice. */
const HEAT_LEFT_MIN = 1.5;
const DROP_OUT = { chance: 0.01, most: 6 } as const;

export function benchPot(litres: number, seed: number): BenchPot {
  const random = seeded(seed);
  return {
    minute: 0,
    tempC: 4,
    litres,
    controls: { hob: 0, lid: true, ice: false, culture: false },
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
  };
}

const facts = SPECIES_FACTS.cow;

/** What a hob that is off still gives over some minutes, kW; one that is on holds its fill. */
function afterglow(pot: BenchPot, minutes: number): number {
  if (pot.controls.hob > 0) {
    pot.heatLeftKj = pot.quirks.heatLeftKj;
    return 0;
  }
  if (pot.heatLeftKj === 0 || minutes <= 0) return 0;
  const given = pot.heatLeftKj * (1 - Math.exp(-minutes / HEAT_LEFT_MIN));
  pot.heatLeftKj -= given;
  return given / (minutes * 60);
}

/** Moves a pot on by so many minutes. */
export function stepBench(pot: BenchPot, minutes: number): void {
  const { hob, lid, ice, culture } = pot.controls;
  const milk = milkBatch(pot.litres, compositionOf('cow', facts.fatPct, facts.proteinPct));
  const lossW = ice ? ICE_W_PER_M2K : lid ? LOSS_W_PER_M2K.lidded : LOSS_W_PER_M2K.uncoveredNowAndThen;
  const body = potOf(pot.litres, milk.massKg, 'milk', lossW);
  const power = body.powerKw * (hob / 2) * pot.quirks.power + afterglow(pot, minutes);
  const started = pot.tempC;
  pot.tempC = Math.min(100, tempAfter(body, started, minutes, ice ? ICE_C : ROOM_C, power));
  pot.minute += minutes;
  if (culture && !pot.ferment)
    pot.ferment = startFerment(bufferOf(milk, FRESH_MILK_PH), [liquidStarter('mesophilic', 1.5)]);
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
  const pH = pot.ferment ? fermentPH(pot.ferment) : FRESH_MILK_PH;
  const milk = milkBatch(pot.litres, compositionOf('cow', facts.fatPct, facts.proteinPct));
  return {
    format: 'plump-pail/reading',
    version: 1,
    minute: roundTo(pot.minute, 3),
    tempC: roundTo(pot.tempC + pot.quirks.probeOffC + pot.quirks.noiseC * normal(pot.random), 2),
    pH: roundTo(pH + pot.quirks.pHOff + 0.01 * normal(pot.random), 2),
    kg: roundTo(milk.massKg, 2),
  };
}
