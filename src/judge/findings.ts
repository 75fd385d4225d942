import { does } from '../makes/asked';
import type { Method } from '../makes/method';
import type { Doing } from '../makes/traits';
import { CAMPS, type Camp, campOf } from './camp';
import { CURD_PRIORS } from './curdPriors';
import { type CauseId, FINDING_IDS, type FindingId } from './ids';
import { OTHER_PRIORS } from './otherPriors';
import { ALONE, type Priors, TIER_ODDS, type Tiers } from './tiers';

/** What a maker may find: how it is said, what is asked, and which drawing stands beside it. */
export interface Finding {
  text: string;
  question: string;
  /** What it is found by: the bite, the taste, the eye, the scale, the pan, or at the pot. */
  by: 'bite' | 'taste' | 'eye' | 'scale' | 'heat' | 'pot';
  /** What a make must do for it to be found there. */
  wants?: Doing;
}

export const FINDINGS: Readonly<Record<FindingId, Finding>> = {
  tough: { text: 'tough, rubbery', question: 'Is it tough or rubbery to bite?', by: 'bite' },
  grainy: { text: 'grainy, mealy', question: 'Is it grainy on the tongue?', by: 'bite' },
  mushy: { text: 'mushy', question: 'Does it go to mush between the fingers?', by: 'bite' },
  crumbly: { text: 'crumbly', question: 'Does it crumble as it is cut?', by: 'bite' },
  'falls-apart': { text: 'falls apart', question: 'Does it fall apart as it is lifted?', by: 'bite' },
  'too-soft': { text: 'too soft', question: 'Is it softer and wetter than it should be?', by: 'bite' },
  'too-dry': { text: 'too dry', question: 'Is it dry?', by: 'bite' },
  weeps: { text: 'weeps whey', question: 'Does whey stand under it?', by: 'eye' },
  'will-not-stretch': {
    text: 'will not stretch',
    question: 'Would it not stretch?',
    by: 'pot',
    wants: 'stretches',
  },
  'tears-stretching': {
    text: 'tears as it is stretched',
    question: 'Did it tear as it was stretched?',
    by: 'pot',
    wants: 'stretches',
  },
  'will-not-melt': {
    text: 'does not melt',
    question: 'Does it stay whole where it should melt?',
    by: 'heat',
  },
  'no-squeak': { text: 'does not squeak', question: 'Is there no squeak?', by: 'bite' },
  bland: { text: 'bland', question: 'Does it taste of little?', by: 'taste' },
  'too-salty': { text: 'too salty', question: 'Is it too salty?', by: 'taste' },
  'too-sour': { text: 'too sour', question: 'Is it too sour?', by: 'taste' },
  'not-sour': { text: 'not sour enough', question: 'Is it sweeter than it should be?', by: 'taste' },
  'vinegar-taste': { text: 'tastes of its acid', question: 'Can the acid be tasted?', by: 'taste' },
  bitter: { text: 'bitter', question: 'Is it bitter?', by: 'taste' },
  'slimy-surface': { text: 'slimy outside', question: 'Is its face slimy?', by: 'eye' },
  'cloudy-whey': { text: 'the whey stayed cloudy', question: 'Did the whey stay cloudy?', by: 'pot' },
  'creamy-whey': { text: 'the whey was creamy', question: 'Was the whey white or greasy?', by: 'pot' },
  'late-set': { text: 'set late', question: 'Did it set later than planned?', by: 'pot' },
  'no-set': { text: 'did not set', question: 'Did it not set at all?', by: 'pot' },
  'weak-curd': { text: 'weak curd', question: 'Was the curd weak at the knife?', by: 'pot', wants: 'cuts' },
  'low-yield': { text: 'too little of it', question: 'Did it weigh less than planned?', by: 'scale' },
  'high-yield': { text: 'more than it should be', question: 'Did it weigh more than planned?', by: 'scale' },
  cracked: { text: 'cracked', question: 'Has it cracked?', by: 'eye' },
  gassy: { text: 'holes, gas', question: 'Are there holes in it that should not be?', by: 'eye' },
  'off-smell': { text: 'smells wrong', question: 'Does it smell wrong?', by: 'taste' },
  'did-not-float': {
    text: 'did not float',
    question: 'Did it not come up in the poach?',
    by: 'pot',
    wants: 'poaches',
  },
  'fell-in-pieces-poaching': {
    text: 'fell to pieces in the poach',
    question: 'Did it fall to pieces in the poach?',
    by: 'pot',
    wants: 'poaches',
  },
  'curdled-early': { text: 'curdled too early', question: 'Did it curdle before it should?', by: 'pot' },
  'melts-away': { text: 'runs away as it melts', question: 'Does it run away as it melts?', by: 'heat' },
  clumped: { text: 'clumped', question: 'Did the curds clump?', by: 'pot', wants: 'cooks-curd' },
  'open-texture': {
    text: 'gaps inside',
    question: 'Are there gaps between its curds?',
    by: 'eye',
    wants: 'presses',
  },
  'melts-in-pan': {
    text: 'melts in the pan',
    question: 'Does it melt where it should fry?',
    by: 'heat',
    wants: 'poaches',
  },
  'burnt-taste': { text: 'tastes burnt', question: 'Does it taste burnt?', by: 'taste' },
  mouldy: { text: 'mouldy', question: 'Is there mould on it?', by: 'eye' },
};

/** What is so by nature and no fault, some of it only for so many hours. Common practice. */
const BY_NATURE: readonly {
  found: FindingId;
  camps: readonly Camp[];
  text: string;
  /** Hours after which it is a fault. */
  untilH?: number;
}[] = [
  {
    found: 'will-not-melt',
    camps: ['acid', 'grilling', 'lactic', 'cottage'],
    text: 'It does not melt by nature: that is no fault.',
  },
  {
    found: 'too-soft',
    camps: ['grilling'],
    text: 'Hot from the poach it wobbles by nature: it firms as it cools.',
    untilH: 3,
  },
  {
    found: 'weeps',
    camps: ['squeaky'],
    text: 'Salted curds weep for an hour by nature: pour it off, and look again.',
    untilH: 1,
  },
  {
    found: 'tough',
    camps: ['quick', 'cultured'],
    text: 'A stretched ball is springy for half a day by nature: it softens.',
    untilH: 12,
  },
];

/** What is so by nature of such a cheese at its age, h; of an unknown age only what always is. */
export const byNature = (found: FindingId, camp: Camp, ageH: number | null = null): string | null =>
  BY_NATURE.find(
    ({ found: id, camps, untilH }) =>
      id === found &&
      camps.includes(camp) &&
      (untilH === undefined || (ageH !== null && ageH >= 0 && ageH < untilH)),
  )?.text ?? null;

const PRIORS: Priors = { ...CURD_PRIORS, ...OTHER_PRIORS };

/** What a finding may come from in a camp, with the odds before the log is asked. */
export function oddsOf(found: FindingId, camp: Camp): Map<CauseId, number> {
  const odds = new Map<CauseId, number>();
  const alone = ALONE[found]?.includes(camp) ?? false;
  const priors = PRIORS[found];
  const all: (Tiers | undefined)[] = [alone ? undefined : priors?.all, priors?.[camp]];
  for (const tiers of all)
    tiers?.forEach((tier, i) => {
      for (const cause of tier) odds.set(cause, Math.max(odds.get(cause) ?? 0, TIER_ODDS[i] ?? 0));
    });
  return odds;
}

/** What can be found of such a make: something there brings it about, or it is so by nature. */
export function findableIn(method: Pick<Method, 'family' | 'acid' | 'stages'>): FindingId[] {
  const camp = campOf(method);
  const can = ({ wants }: Finding) =>
    wants === undefined || method.stages.some((stage) => does(stage, wants));
  return FINDING_IDS.filter(
    (id) => can(FINDINGS[id]) && (oddsOf(id, camp).size > 0 || byNature(id, camp) !== null),
  );
}

/** The camps a finding belongs to. */
export const campsOf = (found: FindingId): Camp[] => CAMPS.filter((camp) => oddsOf(found, camp).size > 0);
