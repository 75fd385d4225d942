import { Infeasible } from '../../core/faults/fault';
import type { World } from '../grammar';
import type { Habit } from '../traits';

/** How the cheese is parted: a count, or a weight; shaping, poaching and brining all go by it. Common practice. */
export const PIECES: readonly Habit[] = [
  {
    param: 'pieceKg',
    option: 'pieceKg',
    shared: true,
    label: 'Pieces of',
    range: { unit: 'kg', min: 0.02, max: 5, step: 0.01 },
    reason: 'Bigger pieces take longer to shape, to cool and in brine.',
  },
  {
    param: 'pieces',
    option: 'pieces',
    shared: true,
    usual: 0,
    label: 'How many',
    range: { unit: '', min: 0, max: 200 },
    reason: 'Nought: by weight.',
  },
];

/** How many pieces there are: as counted, or as their weight gives. Example: `countOf(0, 0.2, 1)` → `5`. */
export const countOf = (pieces: number, pieceKg: number, kg: number) =>
  pieces > 0 ? pieces : Math.max(1, Math.round(kg / pieceKg));

/** What one of them weighs, kg. Example: `eachKg(4, 0.2, 1)` → `0.25`. */
export const eachKg = (pieces: number, pieceKg: number, kg: number) =>
  pieces > 0 ? kg / pieces : Math.min(pieceKg, kg);

/** Nobody shapes smaller pieces, kg. Common practice. */
const SMALLEST_KG = 0.01;

/** Refuses more pieces than there is curd for; only the likely run refuses. */
export function enoughFor({ likely }: Pick<World, 'likely'>, pieces: number, kg: number): void {
  if (likely && pieces > 0 && kg / pieces < SMALLEST_KG) {
    const most = Math.max(1, Math.floor(kg / SMALLEST_KG));
    throw new Infeasible({
      path: 'options.pieces',
      problem: `is ${pieces}, and this batch gives too little curd for so many`,
      remedy: `give ${most} or fewer`,
      suggestion: most,
    });
  }
}
