import type { AcidKind } from '../acid/acids';

/** What soured a curd that is to stretch: citric acid binds calcium, and such curd stretches sweeter. */
export const SOURED = ['citric', 'lactic'] as const;
export type Soured = (typeof SOURED)[number];

/** How an acid sours curd for the stretch; juices hold citric acid, all others leave the calcium as a culture does. */
export const souredBy = (kind: AcidKind): Soured =>
  kind === 'citric' || kind === 'lemon' || kind === 'lime' ? 'citric' : 'lactic';

/** pH in which curd stretches. Source: common practice and from memory. */
export const STRETCH_PH: Record<Soured, readonly [low: number, high: number]> = {
  citric: [5.5, 5.75],
  lactic: [5.1, 5.4],
};
/** The pH acid in cold milk aims at for a stretch. Common practice. */
export const AIMED_STRETCH_PH: Record<Soured, number> = { citric: 5.6, lactic: 5.25 };

/** Core temperature in which a middling curd stretches, °C: below it tears, above it loses fat. Source: common practice and from memory. */
export const STRETCH_CORE_C = [57, 63] as const;

/** The core a stretch aims at, °C: the middle of its window. */
export const AIMED_CORE_C = (STRETCH_CORE_C[0] + STRETCH_CORE_C[1]) / 2;
