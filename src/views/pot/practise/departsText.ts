import type { Format } from '../../../core/units/format';
import type { Departure } from '../../../plan/world';
import type { Practice } from '../../../sim/practice/batch';
import type { TroubleId } from '../../../sim/practice/hidden';

/** What is off by less than this nobody would have noticed. Judgement. */
const NOTICED = { share: 0.05, fatPct: 0.15, proteinPct: 0.07, pH: 0.03, probeC: 0.3 } as const;

/** What a trouble says already of what departed. */
const SAID: Readonly<Partial<Record<TroubleId, keyof Departure>>> = {
  'old-coagulant': 'coagulantStrength',
  'slow-culture': 'culturePace',
  'fast-culture': 'culturePace',
  'hot-hob': 'power',
  'weak-hob': 'power',
  'rich-milk': 'fatPct',
  'thin-milk': 'proteinPct',
  'drifting-probe': 'probeOffC',
  'sour-milk': 'pH',
  'weak-acid': 'acidStrength',
};

/** What was peculiar about a pot and its milk, as far as it mattered for this make, in whole sentences. */
export function departsText({ hidden, believed, method, world }: Practice, format: Format): string[] {
  const { depart, troubles } = hidden;
  const said = new Set(troubles.map((one) => SAID[one]));
  const share = (key: keyof Departure, text: (off: string, more: boolean) => string, matters = true) => {
    const off = depart[key] - 1;
    return matters && !said.has(key) && Math.abs(off) >= NOTICED.share
      ? [text(format.percent(Math.round(100 * Math.abs(off))), off > 0)]
      : [];
  };
  const plain = (key: keyof Departure, from: number, text: (off: number, more: boolean) => string) =>
    !said.has(key) && Math.abs(depart[key]) >= from ? [text(Math.abs(depart[key]), depart[key] > 0)] : [];
  return [
    ...plain(
      'probeOffC',
      NOTICED.probeC,
      (off, low) => `The thermometer read ${format.tempStep(off, 1)} too ${low ? 'low' : 'high'}.`,
    ),
    ...share('power', (off, more) => `The hob gave ${off} ${more ? 'more' : 'less'} than thought.`),
    ...plain(
      'fatPct',
      NOTICED.fatPct,
      (off, more) => `The milk held ${format.number(off, 1)} points ${more ? 'more' : 'less'} of fat.`,
    ),
    ...plain(
      'proteinPct',
      NOTICED.proteinPct,
      (off, more) => `The milk held ${format.number(off, 1)} points ${more ? 'more' : 'less'} of protein.`,
    ),
    ...plain(
      'pH',
      NOTICED.pH,
      (off, more) => `The milk was ${more ? 'sweeter' : 'sourer'} by pH ${format.number(off, 2)}.`,
    ),
    ...share(
      'coagulantStrength',
      (off, more) => `The coagulant was ${off} ${more ? 'stronger' : 'weaker'} than thought.`,
      world.coagulant !== null,
    ),
    ...share(
      'culturePace',
      (off, more) => `The culture was ${off} ${more ? 'livelier' : 'slower'} than thought.`,
      method.culture !== null && method.culture !== undefined,
    ),
    ...share(
      'acidStrength',
      (off, more) => `The acid was ${off} ${more ? 'stronger' : 'weaker'} than thought.`,
      believed.acid !== undefined && believed.acid !== null,
    ),
    ...share(
      'drainPace',
      (off, slower) => `It drained ${off} ${slower ? 'slower' : 'faster'} than thought.`,
      world.drain !== null || world.bag !== null,
    ),
  ];
}
