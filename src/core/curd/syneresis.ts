import { clamp } from '../units/measures';
import type { UsualWork } from './styles';

/** Moisture points given up: per halving of the cut, per °C of cook, per doubling of stirring, per doubling of kPa·h. Source: from memory, ±50 %. */
const POINTS = { perHalvedCut: 2.0, perCookC: 0.4, perDoubledStir: 1.5, perDoubledPress: 1.0 } as const;
/** The work of hands takes a curd this far from its style at most, points either way. From memory. */
const MOST_POINTS = 8;

/**
 * Moisture points that work on a curd takes beyond its style's usual, at most 8 either way:
 * 2.0 log2(d0/d) + 0.4 (T − T0) + 1.5 log2(t/t0) + 1.0 log2(p/p0). A term counts where both style and batch have it.
 */
export function workedPoints(usual: UsualWork, work: UsualWork): number {
  const doublings = (more: number | undefined, less: number | undefined) =>
    more !== undefined && less !== undefined && more > 0 && less > 0 ? Math.log2(more / less) : 0;
  const hotter =
    usual.cookC !== undefined && work.cookC !== undefined ? POINTS.perCookC * (work.cookC - usual.cookC) : 0;
  const points =
    POINTS.perHalvedCut * doublings(usual.cutMm, work.cutMm) +
    hotter +
    POINTS.perDoubledStir * doublings(work.stirMin, usual.stirMin) +
    POINTS.perDoubledPress * doublings(work.kPaHours, usual.kPaHours);
  return clamp(points, -MOST_POINTS, MOST_POINTS);
}

/** Share of the style's curd that a cut into weak curd costs, 0 to 0.25, by how far it fell short of its time: a quarter when cut at half of it. Common practice. */
export const earlyCutLoss = (shareOfTime: number): number => 0.25 * clamp((1 - shareOfTime) / 0.5, 0, 1);
