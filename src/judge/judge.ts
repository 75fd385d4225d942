import { powOf } from '../core/numeric/elementary';
import { type Format, formatter, METRIC } from '../core/units/format';
import { inUnits } from '../core/units/inUnits';
import type { MistakeId } from '../makes/mistakes';
import type { MakeState } from '../run/makeState';
import { askAge, askBetween } from './asks';
import type { Clue } from './cause';
import { CAUSES, MODEL_OFF, OF_MISTAKE } from './causes';
import type { Asked } from './causes/around';
import { byNature, oddsOf } from './findings';
import { CAUSE_IDS, type CauseId, FINDING_IDS, type FindingId } from './ids';
import { ageHours, type Log, logOf } from './log';
import { lostClue } from './lost';
import { causesIn, NOTED_TIMES } from './notes';
import { nowOf } from './now';
import type { Answer, ToldCause } from './schema';

/** What seldom does much, though it was noted. */
const MISTAKE_TIMES: Partial<Record<CauseId, number>> = { contaminated: 4 };
/** As planned, and nothing that could have shown it was read. Judgement. */
const UNREAD_TIMES = 0.7;
/** What nobody thought of, and where nothing in the log speaks for anything. Judgement. */
const OFF_WEIGHT = { spoken: 5, silent: 15 } as const;
/** From here on a clue speaks. */
const SPEAKS = 2;
/**
 * The strongest clue counts to this power: fitted to 500 seeded batches with one fault each, so that what is told with 60 to
 * 80 % is so as often; held against 500 others in the tests.
 */
const SHARPNESS = 1.3;
/** What lay behind what could have been done otherwise that day: both are told, the nearer first. Common practice. */
const BEHIND: readonly (readonly [nearer: CauseId, behind: CauseId])[] = [
  ['cut-too-early', 'coagulant-weak'],
  ['cut-too-early', 'coagulant-short'],
  ['cut-too-early', 'set-too-cold'],
  ['soured-too-long', 'room-warm'],
  ['soured-too-long', 'culture-too-fast'],
  ['pH-too-high-at-stretch', 'culture-weak'],
  ['pH-too-high-at-stretch', 'acid-short'],
];
/** What lies behind counts at least so much of what is nearer, where the log speaks for both. Judgement. */
const BEHIND_SHARE = 0.15;
/** Causes told at most, and the least share worth telling, %. */
const MOST_TOLD = 6;
const LEAST_PCT = 3;
/** Above this nothing more needs asking, %. */
const SURE_PCT = 40;
const NO_TRACE = 'Nothing in the log speaks for it, and nothing against it.';

/** What the maker wrote of it: mistakes noted at the pot, and plain words of notes. */
function noted(log: Log, cause: CauseId): Clue[] {
  const { state } = log;
  const times = MISTAKE_TIMES[cause] ?? NOTED_TIMES;
  return [
    ...state.mishaps
      .filter(({ what }) => OF_MISTAKE[what as MistakeId]?.includes(cause))
      .map(({ text, seq }) => ({ times, text: `Noted: ${firstSentence(text)}`, event: seq })),
    ...state.notes.flatMap((one) => {
      const says = causesIn(one, log).get(cause);
      return says ? [{ times: says, text: `Noted: ${one.text}`, event: one.seq }] : [];
    }),
  ];
}
const firstSentence = (text: string) => (/^.*?[.!?](?=\s|$)/.exec(text)?.[0] ?? text).slice(0, 200);

interface Weighed {
  id: Exclude<CauseId, typeof MODEL_OFF>;
  weight: number;
  clues: Clue[];
  strongest: number;
}

/** What the log makes of one cause; null where it rules it out, or the make lacks its step. */
function weigh(log: Asked, id: Weighed['id'], odds: number): Weighed | null {
  const cause = CAUSES[id];
  if (cause.part && !cause.part(log)) return null;
  const written = noted(log, id);
  const { clues, cleared, measured } = cause.says(log);
  if (cleared && written.length === 0) return null;
  const lost = lostClue(log, id);
  const all = [...written, ...clues, ...(lost ? [lost] : [])];
  const together = all.filter((one) => !one.apart).map((one) => one.times);
  const apart = all.filter((one) => one.apart).reduce((product, one) => product * one.times, 1);
  const strongest = Math.max(1, ...together);
  const silent = together.length === 0 && !measured ? UNREAD_TIMES : 1;
  return {
    id,
    weight: odds * powOf(strongest, SHARPNESS) * apart * silent,
    clues: all,
    strongest: strongest * apart,
  };
}

/** Odds of every cause by what was found, before the log: a cause that explains more goes before. */
function priors(found: readonly FindingId[], log: Log): Map<CauseId, number> {
  const tables = found.map((id) => oddsOf(id, log.camp)).filter((table) => table.size > 0);
  const named = new Set(tables.flatMap((table) => [...table.keys()]));
  return new Map(
    [...named].map((id) => [id, tables.reduce((product, table) => product * (table.get(id) ?? 1), 1)]),
  );
}

/** Nearest cause first; what lay behind it is not lost beside it. */
function withBehind(all: Weighed[], log: Asked): Weighed[] {
  const of = new Map(all.map((one) => [one.id as CauseId, one]));
  for (const [nearer, behind] of BEHIND) {
    const near = of.get(nearer);
    if (!near || near.strongest < SPEAKS || behind === MODEL_OFF) continue;
    const far = of.get(behind) ?? weigh(log, behind, 1);
    if (far && far.strongest >= SPEAKS)
      of.set(behind, { ...far, weight: Math.max(far.weight, BEHIND_SHARE * near.weight) });
  }
  return [...of.values()];
}

/** Whole per cents that sum to a hundred: the largest remainders get what is left over. */
function wholePcts(weights: readonly number[]): number[] {
  const sum = weights.reduce((a, b) => a + b, 0);
  const exact = weights.map((one) => (100 * one) / sum);
  const whole = exact.map(Math.floor);
  const left = 100 - whole.reduce((a, b) => a + b, 0);
  const order = exact.map((one, i) => [one - Math.floor(one), i] as const).sort((a, b) => b[0] - a[0]);
  for (const [, i] of order.slice(0, left)) whole[i] = (whole[i] ?? 0) + 1;
  return whole;
}

/**
 * What most likely caused what was found, by this make's own log: causes with how likely they are, the events that say so,
 * what to change next time and what can be done now; and the question that would tell the likeliest apart. A cause that the
 * log rules out is not told. `foundAt` is when it was found, ms; the last tasting where nobody says.
 * Method: odds of common practice times what the log says (judgement, to be fitted to logs).
 *
 * @example judge(state, ['tough']).causes[0] // { id: 'stretched-too-hot', likelyPct: 62, … }
 */
export function judge(
  state: MakeState,
  told: readonly FindingId[],
  foundAt?: number | null,
  format: Format = formatter(METRIC),
): Answer {
  const plain = logOf(state, foundAt, format);
  if (!plain) return { format: 'plump-pail/answer', version: 1, causes: [], ask: [] };
  // In one order, whatever was tapped first.
  const found = FINDING_IDS.filter((id) => told.includes(id));
  const log: Asked = { ...plain, found };
  const weighed = withBehind(
    [...priors(found, log)].flatMap(([id, odds]) => (id === MODEL_OFF ? [] : (weigh(log, id, odds) ?? []))),
    log,
  ).sort((a, b) => b.weight - a.weight || CAUSE_IDS.indexOf(a.id) - CAUSE_IDS.indexOf(b.id));
  const off = weighed.some((one) => one.strongest >= SPEAKS) ? OFF_WEIGHT.spoken : OFF_WEIGHT.silent;
  const sum = weighed.reduce<number>((total, one) => total + one.weight, off);
  const likely = weighed.filter((one, i) => i < MOST_TOLD && (100 * one.weight) / sum >= LEAST_PCT);
  const rest = sum - likely.reduce((total, one) => total + one.weight, 0);
  const pcts = wholePcts([...likely.map((one) => one.weight), rest]);
  const causes: ToldCause[] = likely.map((one, i) => ({
    id: one.id,
    likelyPct: pcts[i] ?? 0,
    because:
      one.clues.length > 0
        ? [...one.clues].sort((a, b) => b.times - a.times).map(({ text, event }) => ({ text, event }))
        : [{ text: NO_TRACE, event: null }],
    nextTime: nextOf(one.id, log),
    nowText: nowOf(one.id, log),
  }));
  const restPct = pcts.at(-1) ?? 0;
  if (restPct > 0) causes.push(unknown(restPct));
  const age = ageHours(log);
  const natural = found
    .flatMap((id) => byNature(id, log.camp, age) ?? [])
    .map((text) => ({ text, tells: [] }));
  const [first, second] = likely;
  const between = first && second && (pcts[0] ?? 0) <= SURE_PCT ? askBetween(first.id, second.id) : null;
  return {
    format: 'plump-pail/answer',
    version: 1,
    causes: causes.sort((a, b) => b.likelyPct - a.likelyPct),
    ask: [
      ...natural,
      ...(age === null ? askAge(likely.map(({ id }) => id)) : []),
      ...(between ? [{ ...between, text: inUnits(between.text, format) }] : []),
    ],
  };
}

const nextOf = (id: Weighed['id'], log: Log): ToldCause['nextTime'] => {
  const { text, options } = CAUSES[id].next(log);
  return { text: inUnits(text, log.format), options };
};

const unknown = (likelyPct: number): ToldCause => ({
  id: MODEL_OFF,
  likelyPct,
  because: [{ text: 'Something this log does not know of.', event: null }],
  nextTime: {
    text: 'Note more of the next one: a temperature at each stage, a weight, the look of the whey.',
    options: {},
  },
  nowText: null,
});
