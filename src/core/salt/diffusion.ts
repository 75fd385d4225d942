import { CHEESE_DENSITY_KG_PER_L } from '../curd/press';
import { Infeasible } from '../faults/fault';
import { cbrtOf, expOf, powOf, squareOf } from '../numeric/elementary';
import { findRoot } from '../numeric/root';

export const BRINE_SHAPES = ['sphere', 'slab', 'cylinder', 'brick'] as const;
export type BrineShape = (typeof BRINE_SHAPES)[number];

/** Effective diffusion of salt in a cheese's moisture, cm²/day: 0.20 exp(0.029 (T − 12)). Geurts; Guinee and Fox; from memory. */
export const saltDiffusionCm2PerDay = (tempC: number): number => 0.2 * expOf(0.029 * (tempC - 12));
/** The surface stays a little below the brine. From memory. */
const BOUNDARY = 0.85;

const TERMS = 60;
/** Below this Fourier number the series want too many terms, and the short-time solutions hold to 1e-5 (Crank 1975). */
const SHORT = 0.01;

/** Share of the salt still missing in a slab of thickness 2 l after Fourier number Fo = D t / l² (Crank 1975, eq. 4.18). */
function slabMissing(fo: number): number {
  if (fo < SHORT) return 1 - 2 * Math.sqrt(fo / Math.PI);
  let sum = 0;
  for (let n = 0; n < TERMS; n++) {
    const k = squareOf(2 * n + 1);
    sum += (8 / (squareOf(Math.PI) * k)) * expOf((-k * squareOf(Math.PI) * fo) / 4);
  }
  return sum;
}

/** The same for a sphere of radius r, Fo = D t / r² (Crank 1975, eq. 6.20). */
function sphereMissing(fo: number): number {
  if (fo < SHORT) return 1 - 6 * Math.sqrt(fo / Math.PI) + 3 * fo;
  let sum = 0;
  for (let n = 1; n <= TERMS; n++)
    sum += (6 / (squareOf(Math.PI) * n * n)) * expOf(-n * n * squareOf(Math.PI) * fo);
  return sum;
}

/** Zeros of the Bessel function J0 (Abramowitz and Stegun, table 9.5; McMahon's expansion beyond). */
const besselZero = (n: number): number => {
  const known = [2.4048255577, 5.5200781103, 8.6537279129, 11.7915344391, 14.9309177086][n - 1];
  const b = (n - 0.25) * Math.PI;
  return known ?? b + 1 / (8 * b) - 124 / (3 * powOf(8 * b, 3));
};

/** The same for a long cylinder of radius r (Crank 1975, eq. 5.23). */
function barMissing(fo: number): number {
  if (fo < SHORT) return 1 - (4 * Math.sqrt(fo) - powOf(fo, 1.5) / 3) / Math.sqrt(Math.PI) + fo;
  let sum = 0;
  for (let n = 1; n <= TERMS; n++) {
    const zero = besselZero(n);
    sum += (4 / (zero * zero)) * expOf(-zero * zero * fo);
  }
  return sum;
}

/** A piece of cheese as brine sees it; lengths in cm. */
export interface BrinePiece {
  shape: BrineShape;
  grams: number;
  /** Of a sphere or a cylinder. */
  diameterCm?: number | undefined;
  /** Of a slab or a brick. */
  thicknessCm?: number | undefined;
}

/** The half-lengths a piece is made of: every one is an infinite slab, bar or sphere; their missing shares multiply. */
function missingAt(piece: BrinePiece): (dTimesT: number) => number {
  const volume = piece.grams / CHEESE_DENSITY_KG_PER_L;
  switch (piece.shape) {
    case 'sphere': {
      const radius = cbrtOf((3 * volume) / (4 * Math.PI));
      return (dt) => sphereMissing(dt / squareOf(radius));
    }
    case 'slab': {
      const half = (piece.thicknessCm as number) / 2;
      return (dt) => slabMissing(dt / squareOf(half));
    }
    case 'cylinder': {
      const radius = (piece.diameterCm as number) / 2;
      const half = volume / (Math.PI * squareOf(radius)) / 2;
      return (dt) => barMissing(dt / squareOf(radius)) * slabMissing(dt / squareOf(half));
    }
    case 'brick': {
      // A square brick of the given thickness; its sides follow from its mass.
      const half = (piece.thicknessCm as number) / 2;
      const side = Math.sqrt(volume / (2 * half)) / 2;
      return (dt) => slabMissing(dt / squareOf(half)) * squareOf(slabMissing(dt / squareOf(side)));
    }
  }
}

/**
 * How many times faster salt goes in through the cracks of an openly knit, barely pressed curd: 5 to 15 against one closed
 * by a press. Common practice.
 */
export const KNIT = { close: 1, loose: 5, open: 12 } as const;
export type Knit = keyof typeof KNIT;
export const KNIT_NAMES = Object.keys(KNIT) as [Knit, ...Knit[]];

/** A brine that keeps a fresh cheese without salting it on much, % w/w. Common practice. */
export const HOLDING_BRINE_PCT = 6;

export interface BrineTime extends BrinePiece {
  knit?: Knit;
  brinePctWw: number;
  targetSaltPct: number;
  moisturePct: number;
  startSaltPct: number;
  tempC: number;
}

/** Salt per mass of water in a cheese left for good in a brine: 0.85 × that of the brine. */
export const endSaltShare = (brinePctWw: number): number => BOUNDARY * (brinePctWw / (100 - brinePctWw));

/** Salt the piece would end with if it were left in for good, % of the cheese: 0.85 × (g salt per g brine water) × moisture. */
export const endSaltPct = (brinePctWw: number, moisturePct: number): number =>
  endSaltShare(brinePctWw) * moisturePct;

/** Mean salt of the piece after `hours`, % of the cheese. */
export function saltAfterHours(brine: BrineTime, hours: number): number {
  const end = endSaltPct(brine.brinePctWw, brine.moisturePct);
  const missing =
    hours <= 0
      ? 1
      : missingAt(brine)((saltDiffusionCm2PerDay(brine.tempC) * KNIT[brine.knit ?? 'close'] * hours) / 24);
  return end - (end - brine.startSaltPct) * missing;
}

/** Hours in brine to a mean salt. Throws Infeasible where this brine never gets there. */
export function brineHours(brine: BrineTime): number {
  if (brine.targetSaltPct <= brine.startSaltPct) return 0;
  const end = endSaltPct(brine.brinePctWw, brine.moisturePct);
  if (brine.targetSaltPct >= end * 0.999) {
    throw new Infeasible({
      path: 'targetSaltPct',
      problem: `is ${brine.targetSaltPct} %, and this brine brings the cheese to ${end.toFixed(1)} % at most`,
      remedy: 'take a stronger brine, or want less salt',
    });
  }
  let high = 1;
  while (saltAfterHours(brine, high) < brine.targetSaltPct) high *= 2;
  return findRoot((hours) => saltAfterHours(brine, hours) - brine.targetSaltPct, 0, high, 1e-6);
}
