import { cbrtOf, lnOf } from '../numeric/elementary';

/** How a cheese's heat spreads in it, cm²/s. From memory. */
const DIFFUSIVITY_CM2_PER_S = 1.3e-3;
/** Heat conducted by cheese, W/m/K. From memory. */
const CONDUCTS_W_PER_MK = 0.4;
/** What carries heat off its surface, W/m²/K: still air, a fridge's moving air, water that is stirred now and then. From memory. */
export const SURROUNDINGS = { air: 8, fridge: 12, water: 300 } as const;
export type Surrounding = keyof typeof SURROUNDINGS;
export const SURROUNDING_NAMES = Object.keys(SURROUNDINGS) as Surrounding[];

export const COOL_SHAPES = ['ball', 'slab'] as const;
export type CoolShape = (typeof COOL_SHAPES)[number];

/** Density of curd, kg/L. From memory. */
const KG_PER_L = 1.06;

/** A piece that cools: a ball of its mass, or a slab of its thickness. */
export interface Cooling {
  shape: CoolShape;
  kg: number;
  /** Of a slab, cm. */
  thicknessCm?: number | undefined;
  surroundings: Surrounding;
}

/** Half a slab, or the radius of a ball, cm. */
const reachCm = ({ shape, kg, thicknessCm }: Cooling): number =>
  shape === 'slab' ? (thicknessCm as number) / 2 : cbrtOf((3 * kg * 1000) / KG_PER_L / (4 * Math.PI));

/**
 * Time in which the core's distance to what surrounds it falls to 1/e, min: L² / (2.5 α) for a slab of half-thickness L,
 * R² / (9.9 α) for a ball, and the surface's own resistance: ρ c L / h, a third of it for a ball. Source: conduction
 * (Carslaw and Jaeger), first term, from memory.
 *
 * @example coreTauMin({ shape: 'slab', kg: 1, thicknessCm: 5, surroundings: 'fridge' }) // 140
 */
export function coreTauMin(piece: Cooling): number {
  const cm = reachCm(piece);
  const inside = (cm * cm) / ((piece.shape === 'slab' ? 2.5 : 9.9) * DIFFUSIVITY_CM2_PER_S);
  const heatPerM3K = (CONDUCTS_W_PER_MK / DIFFUSIVITY_CM2_PER_S) * 1e4;
  const surface =
    (heatPerM3K * (cm / 100)) / SURROUNDINGS[piece.surroundings] / (piece.shape === 'slab' ? 1 : 3);
  return (inside + surface) / 60;
}

/** The core lags before it falls, as the first term of the series says: 4/π of the distance for a slab, 2 for a ball. Carslaw and Jaeger, from memory. */
const FIRST_TERM = { slab: 4 / Math.PI, ball: 2 } as const;

/** Minutes until the core comes to `toC`; Infinity where its surroundings never bring it there. */
export function minutesToCore(piece: Cooling, startC: number, toC: number, aroundC: number): number {
  const share = (toC - aroundC) / (startC - aroundC);
  if (share >= 1) return 0;
  return share <= 0 ? Number.POSITIVE_INFINITY : coreTauMin(piece) * lnOf(FIRST_TERM[piece.shape] / share);
}
