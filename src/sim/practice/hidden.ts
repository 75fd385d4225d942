import { expOf } from '../../core/numeric/elementary';
import { normal, type Random, seeded } from '../../core/stats/random';
import { type Departure, NO_DEPARTURE } from '../../plan/world';

/** Something that is not as the plan takes it to be, in a maker's words. */
export const TROUBLES = {
  'old-coagulant': 'The coagulant had stood warm, and had half of its strength left.',
  'slow-culture': 'The culture was half dead, and slow.',
  'fast-culture': 'The culture was livelier than its label says.',
  'hot-hob': 'The hob gave half as much again, and its plate stayed hot.',
  'weak-hob': 'The hob gave a little over half of what it should.',
  'cold-room': 'The room was much colder than thought, by 8 °C or 14 °F.',
  homogenised: 'The milk had been homogenised, and nobody had said so.',
  'rich-milk': 'The milk was richer than thought, by nearly a point of fat.',
  'thin-milk': 'The milk was thin in protein.',
  'drifting-probe': 'The thermometer read too high, and more so every hour.',
  'sour-milk': 'The milk had begun to sour before it came.',
  'power-cut': 'The power went for forty minutes.',
  'weak-acid': 'The acid was weaker than its label says.',
} as const;
export type TroubleId = keyof typeof TROUBLES;
export const TROUBLE_IDS = Object.keys(TROUBLES) as [TroubleId, ...TroubleId[]];

/** What nobody at the pot knows. */
export interface Hidden {
  depart: Departure;
  homogenised: boolean;
  /** What a hob and its base still give when it is off, kJ. */
  heatLeftKj: number;
  /** How far the thermometer trembles, and drifts in an hour, °C; how far the meter is off. */
  noiseC: number;
  driftCPerH: number;
  pHOff: number;
  /** The hob gives nothing between these minutes. */
  powerCut: readonly [fromMin: number, toMin: number] | null;
  troubles: readonly TroubleId[];
}

/** A pot as it should be. */
export const AS_PLANNED: Hidden = {
  depart: NO_DEPARTURE,
  homogenised: false,
  heatLeftKj: 0,
  noiseC: 0,
  driftCPerH: 0,
  pHOff: 0,
  powerCut: null,
  troubles: [],
};

/** How far a practice pot and its milk stray, spread of each. Judgement, as wide as a kitchen's own. */
const STRAYS = {
  fatPct: 0.15,
  proteinPct: 0.08,
  pH: 0.025,
  power: 0.12,
  probeOffC: 0.5,
  drainPace: 0.15,
  coagulantStrength: 0.1,
  culturePace: 0.1,
  acidStrength: 0.02,
} as const satisfies Partial<Record<keyof Departure, number>>;
const FACTORS: readonly (keyof Departure)[] = [
  'power',
  'drainPace',
  'coagulantStrength',
  'culturePace',
  'acidStrength',
];

/** What each trouble does to a pot. */
const DOES: Record<TroubleId, (hidden: Hidden, random: Random) => Partial<Hidden>> = {
  'old-coagulant': ({ depart }) => ({ depart: { ...depart, coagulantStrength: 0.5 } }),
  'slow-culture': ({ depart }) => ({ depart: { ...depart, culturePace: 0.6, cultureActivity: 0.3 } }),
  'fast-culture': ({ depart }) => ({ depart: { ...depart, culturePace: 1.4 } }),
  'hot-hob': ({ depart }) => ({ depart: { ...depart, power: 1.5 }, heatLeftKj: 90 }),
  'weak-hob': ({ depart }) => ({ depart: { ...depart, power: 0.6 } }),
  'cold-room': ({ depart }) => ({ depart: { ...depart, roomC: -8 } }),
  homogenised: () => ({ homogenised: true }),
  'rich-milk': ({ depart }) => ({ depart: { ...depart, fatPct: depart.fatPct + 0.9 } }),
  'thin-milk': ({ depart }) => ({ depart: { ...depart, proteinPct: depart.proteinPct - 0.45 } }),
  'drifting-probe': ({ depart }) => ({ depart: { ...depart, probeOffC: -1.5 }, driftCPerH: 0.8 }),
  'sour-milk': ({ depart }) => ({ depart: { ...depart, pH: -0.13 } }),
  'power-cut': (_hidden, random) => {
    const from = 15 + 60 * random();
    return { powerCut: [from, from + 40] };
  },
  'weak-acid': ({ depart }) => ({ depart: { ...depart, acidStrength: 0.8 } }),
};

/**
 * What is peculiar about a practice pot: drawn from its seed, as planned without one; and what is wrong with it besides. The
 * same seed and troubles give the same pot.
 *
 * @example hiddenOf({ troubles: ['old-coagulant'] }).depart.coagulantStrength // 0.5
 */
export function hiddenOf({
  seed,
  troubles = [],
}: {
  seed?: number | undefined;
  troubles?: readonly TroubleId[] | undefined;
}): Hidden {
  const random = seeded((seed ?? 0) + 1);
  let hidden: Hidden = AS_PLANNED;
  if (seed !== undefined) {
    const depart = { ...NO_DEPARTURE };
    for (const [key, sd] of Object.entries(STRAYS) as [keyof Departure, number][]) {
      const z = normal(random) * sd;
      depart[key] = FACTORS.includes(key) ? expOf(z) : z;
    }
    hidden = {
      ...hidden,
      depart,
      heatLeftKj: 10 + 40 * random(),
      noiseC: 0.1,
      pHOff: 0.02 * normal(random),
    };
  }
  for (const trouble of troubles) hidden = { ...hidden, ...DOES[trouble](hidden, random) };
  return { ...hidden, troubles };
}
