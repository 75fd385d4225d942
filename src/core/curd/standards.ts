import type { CurdStyleName } from './styles';

/** What a cheese sold under a name must keep to. */
export interface Standard {
  what: string;
  source: string;
  mostMoisturePct: number | null;
  leastFatInDryMatterPct: number | null;
}

/** Standards of identity, US 21 CFR part 133, from memory; none for ricotta or paneer. Local law comes first. */
export const STANDARDS: Partial<Record<CurdStyleName, Standard>> = {
  quick: {
    what: 'mozzarella',
    source: 'US 21 CFR 133.155, from memory',
    mostMoisturePct: 60,
    leastFatInDryMatterPct: 45,
  },
  'low-moisture': {
    what: 'low-moisture mozzarella',
    source: 'US 21 CFR 133.156, from memory',
    mostMoisturePct: 52,
    leastFatInDryMatterPct: 45,
  },
  cottage: {
    what: 'cottage cheese',
    source: 'US 21 CFR 133.128, from memory',
    mostMoisturePct: 80,
    leastFatInDryMatterPct: null,
  },
  'cream-cheese': {
    what: 'cream cheese',
    source: 'US 21 CFR 133.133, from memory',
    mostMoisturePct: 55,
    leastFatInDryMatterPct: null,
  },
};

/** Casein to fat in the milk that makes of these styles are used to. Common practice, from memory. */
export const CASEIN_TO_FAT: Partial<Record<CurdStyleName, readonly [low: number, high: number]>> = {
  quick: [0.45, 1.3],
  'low-moisture': [0.45, 1.4],
  pear: [0.45, 1.2],
  squeaky: [0.45, 1],
  grilling: [0.45, 1.2],
  'daily-salted': [0.45, 1.2],
  'fresh-pressed': [0.45, 1.1],
};
