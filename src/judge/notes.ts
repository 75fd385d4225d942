import type { MakeState } from '../run/makeState';
import type { CauseId } from './ids';
import { type Log, that, thatTakes, type Which } from './log';

/** Words that take the meaning of what follows back. */
const NOT = /\b(no|not|never|without|nothing|hardly|didn.t|wasn.t)\b[^.;,]{0,24}$/i;

/** What speaks for a cause in a maker's own words, and the stages it is said of: the same word elsewhere means something else. */
interface Word {
  says: RegExp;
  of?: (log: Log) => Which;
  /** How much it says, where that is less than what somebody writes usually does. */
  times?: number;
}

const atCoagulant = (log: Log) => thatTakes(log, 'coagulant');
const atKnife = () => that('cuts');
const atStretch = () => that('stretches');
/** The pot from the coagulant to the knife. */
const whileItSets =
  (log: Log): Which =>
  (stage) =>
    that('sets')(stage) || atCoagulant(log)(stage);
/** Curd in its whey: hot whey where acid sets it. */
const inItsWhey =
  (log: Log): Which =>
  (stage) =>
    that('cuts', 'cooks-curd', 'holds-heat', 'draws-whey')(stage) ||
    (log.camp === 'acid' && thatTakes(log, 'acid')(stage));

/** Plain words of a maker's own notes, and what they speak for. Common practice. */
const WORDS: readonly (readonly [CauseId, Word])[] = [
  [
    'squeezed',
    { says: /\bsqueez|\bwrung|\bwring/i, of: () => that('drains', 'draws-whey', 'stretches', 'holds-curd') },
  ],
  // Chlorine of a supply kills slowly: it takes its time, or says little.
  ['dilution-chlorinated', { says: /\btap water|\bchlorin/i, of: atCoagulant, times: 4 }],
  [
    'dilution-chlorinated',
    { says: /\bwater\b.*\b(an hour|hours|left|stood|overnight|[3-9]\d min)/i, of: atCoagulant },
  ],
  ['culture-weak', { says: /\bclump/i, of: (log) => thatTakes(log, 'culture') }],
  ['stirred-too-little', { says: /\bclump|\bmatted/i, of: inItsWhey }],
  [
    'stirred-too-hard',
    { says: /\bwhisk|\bstirr?(ed)? (it )?(too |very )?(hard|fast|soon)|\bbeat(en)?\b/i, of: inItsWhey },
  ],
  [
    'cut-too-fine',
    {
      says: /\bcut\b.*\b(fine|finer|small|smaller|rice|lentils?)\b|\b(rice|lentil|wheat)\b.*\b(grains?|size)/i,
      of: atKnife,
    },
  ],
  [
    'cut-too-large',
    { says: /\bcut\b.*\b(large|larger|big|bigger|coarse|coarser|walnuts?|lumps?)\b/i, of: atKnife },
  ],
  [
    'overworked',
    {
      says: /\bover-?(worked|stretched|kneaded)|\b(worked|kneaded|pulled|folded|stretched)\b.{0,24}\btoo (long|much|often)/i,
      of: atStretch,
    },
  ],
  [
    'rinsed-too-much',
    {
      says: /\b(rinsed?|washed?)\b.{0,30}\b(too (long|much|often)|(three|four|five) times|(third|fourth|fifth) time)/i,
      of: () => that('rinses'),
    },
  ],
  ['poached-too-hot', { says: /\bboil(ed|ing)?\b|\bbubbl/i, of: () => that('poaches') }],
  ['basket-tapered', { says: /\btaper|\bslanted? (basket|side)/i }],
  ['surface-oversalted', { says: /\bstrew|\bsprinkl/i, of: (log) => thatTakes(log, 'salt') }],
  [
    'set-disturbed',
    {
      says: /\bknock|\bbump|\bjolt|\bshook\b|\bshaken\b|\bmoved (the pot|it|while)|\bcarried\b/i,
      of: whileItSets,
    },
  ],
  ['dried-too-fast', { says: /\bdraught|\bdraft|\bdried out|\bdry air|\bin the wind\b/i }],
  ['seam-open', { says: /\bfold\b|\bseam\b/i }],
  ['milk-caught', { says: /\bburnt|\bburned|\bcaught\b|\bscorch/i }],
  ['brine-unmatched', { says: /\bplain (water )?brine|\bbrine without calcium/i }],
  [
    'thermometer-off',
    {
      says: /\bthermometer\b.{0,24}\b(off|wrong|out by)\b|\bthermometer\b.{0,12}\b(reads?|runs?|shows?)\b.{0,8}\b(high|low|hot|cold)\b/i,
    },
  ],
  ['meter-off', { says: /\bmeter\b.{0,24}\b(off|wrong|out by|uncalibrated)\b/i }],
  ['cream-risen', { says: /\bcream\b.{0,12}\b(risen|rose|line|on top|separated)\b/i }],
  [
    'milk-miscounted',
    {
      says: /\bguess|\bmis-?(count|measur)|\b(less|more) milk than\b|\b(maybe|perhaps|may have been|might have been|only)\b.{0,16}\b(l|lit(re|er)s?|quarts?|gallons?)\b/i,
    },
  ],
  ['contaminated', { says: /\bunwashed|\bdirty|\bnot (boiled|washed|scalded)/i }],
  ['pressed-too-little', { says: /\brim\b/i, of: () => that('presses') }],
];

/**
 * Whether something written then is about such stages: while one of them ran, in the stage before or after it, or once the make was
 * over and one looked back.
 */
function isOf({ runs, plan, finishedAt }: MakeState, at: number, which: Which): boolean {
  if (finishedAt !== null && at >= finishedAt) return true;
  const now = runs.findLastIndex(({ startedAt }) => startedAt <= at);
  return [now - 1, now, now + 1].some((i) => {
    const stage = plan.stages.find(({ id }) => id === runs[i]?.stage);
    return stage !== undefined && which(stage);
  });
}

/** Something somebody wrote down speaks for it as much as a reading far off. */
export const NOTED_TIMES = 8;

/** The causes a note speaks for and how much: by its words, and by the stage it was written at. */
export const causesIn = ({ text, at }: { text: string; at: number }, log: Log): Map<CauseId, number> =>
  new Map(
    WORDS.flatMap(([cause, { says, of, times = NOTED_TIMES }]) => {
      const found = says.exec(text);
      if (!found || NOT.test(text.slice(0, found.index))) return [];
      return of && !isOf(log.state, at, of(log)) ? [] : [[cause, times] as const];
    }),
  );
