import { clamp } from '../units/measures';
import { stretchedFat } from './losses';
import { type Soured, STRETCH_PH } from './window';

/** Curd on its way into hot water. */
export interface Stretching {
  soured: Soured;
  pH: number;
  coreC: number;
  /** Moisture in its non-fat substance, %. */
  nonFatMoisturePct: number;
  /** Calcium chloride added to the milk, mmol/L. */
  calciumMmolPerLitre: number;
  workMin: number;
}

/** Core at which a middling curd first flows, and at which it flows best, °C; above the last it falls off. From memory. */
const FLOWS_C = { first: 57, best: 66, most: 68 } as const;
/** Below the first it still coheres for so much, and above the last it falls to nothing within so much, °C. From memory. */
const FADES_C = { below: 5, above: 14 } as const;
/** A middling stretched curd's moisture in its non-fat substance, %, and the heat a point less asks for, °C. From memory. */
const MIDDLING_NON_FAT_PCT = 70;
const PER_POINT_C = 0.25;
/** Heat asked for by each pH above the middle of the window, and by each mmol/L of calcium, °C. From memory. */
const PER_PH_C = 10;
const PER_CALCIUM_C = 1.5;
/** How far outside its window of pH a curd has lost all stretch. From memory. */
const PH_FADES = 0.3;
/** Working longer than this toughens, min; quality lost per minute beyond. From memory. */
const WORKED_MIN = 8;
const PER_MIN_BEYOND = 0.04;
/** Fat that tearing or melting curd loses beyond what heat and handling take, at most, share. From memory. */
const MOST_FAT_LOST = 0.1;

/** On which side of its window a curd stands. */
export const STRETCH_SIDES = [
  'stretches',
  'too cold',
  'too hot',
  'not sour enough',
  'too sour',
  'worked too long',
] as const;
export type StretchSide = (typeof STRETCH_SIDES)[number];

export interface StretchQuality {
  /** 0 to 1. */
  quality: number;
  side: StretchSide;
  /** Core it wants, °C. */
  fromC: number;
  bestC: number;
  mostC: number;
  lowPH: number;
  highPH: number;
  /** Share of the milk's fat that stays; a drier curd loses no more at the heat it wants. */
  fatKept: number;
}

/**
 * How well a curd stretches: rises with its core between 57 and 66 °C, falls above 68; a drier or a sweeter curd, and
 * one with calcium added, wants it hotter; each souring has its own window of pH (citric acid binds calcium and stretches
 * sweeter). Outside it tears or melts, and loses fat. Source: common practice and from memory.
 *
 * @example stretchQuality({ soured: 'citric', pH: 5.6, coreC: 62, nonFatMoisturePct: 70, calciumMmolPerLitre: 0, workMin: 4 }).side // 'stretches'
 */
export function stretchQuality(curd: Stretching): StretchQuality {
  const [lowPH, highPH] = STRETCH_PH[curd.soured];
  const middle = (lowPH + highPH) / 2;
  const hotter =
    PER_POINT_C * (MIDDLING_NON_FAT_PCT - curd.nonFatMoisturePct) +
    PER_PH_C * (curd.pH - middle) +
    PER_CALCIUM_C * curd.calciumMmolPerLitre;
  const shift = clamp(hotter, -4, 6);
  const fromC = FLOWS_C.first + shift;
  const bestC = FLOWS_C.best + shift;
  const mostC = FLOWS_C.most + shift;
  const cold = fromC - FADES_C.below;
  const warm = clamp((curd.coreC - cold) / (bestC - cold), 0, 1);
  const hot = clamp(1 - (curd.coreC - mostC) / FADES_C.above, 0, 1);
  const outside = Math.max(0, curd.pH - highPH, lowPH - curd.pH);
  const sour = clamp(1 - outside / PH_FADES, 0, 1);
  const worked = clamp(1 - PER_MIN_BEYOND * Math.max(0, curd.workMin - WORKED_MIN), 0, 1);
  const quality = warm * hot * sour * worked;
  const flows = (fromC - cold) / (bestC - cold);
  const torn = clamp(1 - (warm / flows) * hot * sour, 0, 1);
  const side: StretchSide =
    curd.pH > highPH
      ? 'not sour enough'
      : curd.pH < lowPH
        ? 'too sour'
        : curd.coreC < fromC
          ? 'too cold'
          : curd.coreC > mostC
            ? 'too hot'
            : curd.workMin > WORKED_MIN
              ? 'worked too long'
              : 'stretches';
  return {
    quality,
    side,
    fromC,
    bestC,
    mostC,
    lowPH,
    highPH,
    fatKept: stretchedFat(curd.coreC - shift, curd.workMin) - MOST_FAT_LOST * torn,
  };
}
