import type { Method } from '../../makes/method';
import type { Brief } from '../../plan/brief/schema';
import type { TroubleId } from './hidden';

/** How hard a practice is: a pot as it should be, one with quirks, one with something wrong besides. */
export const LEVELS = ['first', 'second', 'third'] as const;
export type Level = (typeof LEVELS)[number];

export interface Scenario {
  id: string;
  title: string;
  about: string;
  family: Method['family'];
  /** Null for a trouble of its own. */
  level: Level | null;
  brief: Brief;
  /** Without one the pot is as planned. */
  seed?: number;
  troubles: readonly TroubleId[];
}

/** The two milks of Tumbledrum Lock. Made up. */
const COWS = {
  species: 'cow',
  fatPct: 4.1,
  proteinPct: 3.35,
  treatment: 'pasteurised',
  startC: 6,
} as const;
const GOATS = {
  species: 'goat',
  fatPct: 3.6,
  proteinPct: 3.05,
  treatment: 'pasteurised',
  startC: 8,
} as const;

const briefOf = (
  method: string,
  litres: number,
  milk: Omit<Brief['milk'], 'litres'> = COWS,
  rest: Partial<Brief> = {},
): Brief => ({ format: 'plump-pail/brief', version: 1, method, milk: { ...milk, litres }, ...rest });

export const LEVEL_TITLES: Readonly<Record<Level, string>> = {
  first: 'a good pot',
  second: 'with quirks',
  third: 'something wrong',
};

/** One make of a family at three levels. */
const levels = (
  family: Method['family'],
  title: string,
  about: string,
  brief: Brief,
  wrong: readonly TroubleId[],
): Scenario[] =>
  LEVELS.map((level, i) => ({
    id: `${family}-${level}`,
    title: `${title}: ${LEVEL_TITLES[level]}`,
    about,
    family,
    level,
    brief,
    ...(i > 0 && { seed: 100 * i + brief.method.length }),
    troubles: i === 2 ? wrong : [],
  }));

const trouble = (
  id: TroubleId,
  title: string,
  about: string,
  family: Method['family'],
  brief: Brief,
  seed = 31,
): Scenario => ({ id, title, about, family, level: null, brief, seed, troubles: [id] });

/** What can be practised in the two rooms at Tumbledrum Lock. Made up. */
export const SCENARIOS: readonly Scenario[] = [
  ...levels(
    'acid-set',
    'Ricotta for the towpath',
    'Scald it without catching it, and give it just the acid it wants.',
    briefOf('whole-milk-ricotta', 12, COWS, { acid: { kind: 'citric' } }),
    ['weak-acid', 'hot-hob'],
  ),
  ...levels(
    'lactic-set',
    'Goat’s logs',
    'A set that takes its night, and a bag that tells by its weight when it is enough.',
    briefOf('goat-lactic', 8, GOATS),
    ['slow-culture'],
  ),
  ...levels(
    'stretched-curd',
    'A ball before noon',
    'Sour it cold, cut it clean, and stretch it no longer than it needs.',
    briefOf('quick-stretched', 6),
    ['old-coagulant'],
  ),
  ...levels(
    'squeaky-curd',
    'Curds for the pub',
    'The knife at the right minute, a slow cook, and turns that are not forgotten.',
    briefOf('squeaky-curds', 14),
    ['hot-hob', 'old-coagulant'],
  ),
  ...levels(
    'pressed-fresh',
    'A white wheel',
    'Cook it gently, press it slowly, and have it whole in the morning.',
    briefOf('fresh-pressed', 10),
    ['homogenised'],
  ),
  trouble(
    'old-coagulant',
    'The bottle on the windowsill',
    'It stood in the sun all June. Will you cut by the clock?',
    'squeaky-curd',
    briefOf('squeaky-curds', 10),
  ),
  trouble(
    'slow-culture',
    'The damp sachet',
    'It had clumped. The slabs want their acid all the same.',
    'squeaky-curd',
    briefOf('squeaky-curds', 10),
  ),
  trouble(
    'hot-hob',
    'The neighbour’s ring',
    'It gives half as much again, and does not know when it is off.',
    'squeaky-curd',
    briefOf('fresh-pressed', 8),
  ),
  trouble(
    'weak-hob',
    'Two pots on one bottle of gas',
    'It takes as long as it takes; mind what the milk does meanwhile.',
    'acid-set',
    briefOf('whole-milk-ricotta', 12),
  ),
  trouble(
    'cold-room',
    'January, and the stove is out',
    'A set that cools all night, in a room far too cold.',
    'lactic-set',
    briefOf('goat-lactic', 8, GOATS),
  ),
  trouble(
    'homogenised',
    'Milk from the lock-keeper’s shop',
    'Nobody said that it was homogenised. The knife will.',
    'pressed-fresh',
    briefOf('fresh-pressed', 8),
  ),
  trouble(
    'rich-milk',
    'Late in the year at Teasel Bank',
    'Goats near the end of their milk: richer than the book says.',
    'lactic-set',
    briefOf('goat-lactic', 8, GOATS),
  ),
  trouble(
    'thin-milk',
    'After a week of rain',
    'The grass was all water, and the milk is thin.',
    'pressed-fresh',
    briefOf('fresh-pressed', 10),
  ),
  trouble(
    'drifting-probe',
    'The probe that fell in the sink',
    'It reads too high, and more so every hour.',
    'squeaky-curd',
    briefOf('squeaky-curds', 12),
  ),
  trouble(
    'sour-milk',
    'Saturday’s milk on a Monday',
    'It has begun without you. How much acid does it still want?',
    'stretched-curd',
    briefOf('quick-stretched', 6),
  ),
  trouble(
    'power-cut',
    'The lights go out on the cut',
    'Forty minutes without a ring, at some time in the first hour and a half.',
    'acid-set',
    briefOf('whole-milk-ricotta', 12),
  ),
  trouble(
    'weak-acid',
    'Vinegar from the back of the shelf',
    'It says five in a hundred. The whey will tell.',
    'acid-set',
    briefOf('paneer', 8, COWS, { acid: { kind: 'vinegar', strengthPct: 5 } }),
  ),
  trouble(
    'fast-culture',
    'A spoon of something lively',
    'It sours faster than you think, and does not wait for the kettle.',
    'stretched-curd',
    briefOf('cultured-stretched', 8),
  ),
];
