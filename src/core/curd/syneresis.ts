import { expOf, log2Of } from '../numeric/elementary';
import { clamp } from '../units/measures';
import type { UsualWork } from './styles';

/** Moisture points given up: per °C of set, per water it is rinsed in (which it takes up), per halving of the cut, per °C of cook, per doubling of stirring, per doubling of kPa·h. Source: from memory, ±50 %. */
const POINTS = {
  perSetC: 0.2,
  perRinse: -0.5,
  perHalvedCut: 2.0,
  perCookC: 0.4,
  perDoubledStir: 1.5,
  perDoubledPress: 1.0,
} as const;
/** Moisture points that poaching in whey takes at most, and how soon, min. From memory: 1 to 3 points. */
const POACH = { most: 3, min: 30 } as const;
const poached = (minutes = 0) => POACH.most * (1 - expOf(-minutes / POACH.min));

/** The work of hands takes a curd this far from its style at most, points either way. From memory. */
const MOST_POINTS = 8;

/**
 * Moisture points that work on a curd takes beyond its style's usual, at most 8 either way:
 * 0.2 (Ts − Ts0) − 0.5 (rinses − rinses0) + 2.0 log2(d0/d) + 0.4 (T − T0) + 1.5 log2(t/t0) + 1.0 log2(p/p0). A term counts where both style and batch have it.
 */
export function workedPoints(usual: UsualWork, work: UsualWork): number {
  const doublings = (more: number | undefined, less: number | undefined) =>
    more !== undefined && less !== undefined && more > 0 && less > 0 ? log2Of(more / less) : 0;
  const more = (a: number | undefined, b: number | undefined) =>
    a !== undefined && b !== undefined ? a - b : 0;
  const points =
    (work.poachMin === undefined ? 0 : poached(work.poachMin) - poached(usual.poachMin)) +
    POINTS.perHalvedCut * doublings(usual.cutMm, work.cutMm) +
    POINTS.perCookC * more(work.cookC, usual.cookC) +
    POINTS.perSetC * more(work.setC, usual.setC) +
    POINTS.perRinse * more(work.rinses, usual.rinses) +
    POINTS.perDoubledStir * doublings(work.stirMin, usual.stirMin) +
    POINTS.perDoubledPress * doublings(work.kPaHours, usual.kPaHours);
  return clamp(points, -MOST_POINTS, MOST_POINTS);
}

/** Share of the style's curd that a cut into weak curd costs, 0 to 0.25, by how far it fell short of its time: a quarter when cut at half of it. Common practice. */
export const earlyCutLoss = (shareOfTime: number): number => 0.25 * clamp((1 - shareOfTime) / 0.5, 0, 1);
