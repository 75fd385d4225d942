import { bad, good, type Result } from '../../core/faults/fault';
import { parse } from '../../core/faults/zodFaults';
import { roundTo } from '../../core/units/numbers';
import type { CauseId } from '../../judge/ids';
import { judge } from '../../judge/judge';
import type { Brief } from '../../plan/brief/schema';
import type { MakeEvent } from '../../run/events';
import { stateOf } from '../../run/state';
import { act, settle } from './acts';
import { beginPractice, type Practice } from './batch';
import { bestOf } from './best';
import { elapse } from './elapse';
import { type PracticeFile, type PractisedFile, practiceSchema } from './fileSchema';
import { type Hidden, hiddenOf, type TroubleId } from './hidden';
import { Notes, startOf } from './log';
import { type Reckoned, reckonedUp, standing, type Worth, worthOf } from './worth';

/** Points of a course in a file. */
const MOST_POINTS = 1500;

/** What each trouble is to a judge. */
export const TROUBLE_CAUSES: Readonly<Partial<Record<TroubleId, CauseId>>> = {
  'old-coagulant': 'coagulant-weak',
  'slow-culture': 'culture-weak',
  'fast-culture': 'culture-too-fast',
  'cold-room': 'room-cold',
  homogenised: 'milk-homogenised',
  'thin-milk': 'milk-lean',
  'drifting-probe': 'thermometer-off',
  'sour-milk': 'milk-old',
  'weak-acid': 'acid-short',
};

/** What a judge says of it who cannot see the truth, held against it. */
export interface Judged {
  /** What he thinks most likely; null where nothing was found. */
  first: CauseId | null;
  likelyPct: number;
  /** What it really came of: what was done, and what was wrong with the pot. */
  really: CauseId[];
  /** Whether what he thinks most likely is one of those. */
  right: boolean | null;
}

/** Holds the judge's answer against what really went on. */
export function judged(
  events: readonly MakeEvent[],
  worth: Worth,
  costs: readonly Reckoned[],
  hidden: Hidden,
): Judged {
  const really = [
    ...new Set([
      ...costs.flatMap(({ cause }) => cause ?? []),
      ...hidden.troubles.flatMap((one) => TROUBLE_CAUSES[one] ?? []),
    ]),
  ];
  if (worth.faults.length === 0) return { first: null, likelyPct: 0, really, right: null };
  const [first] = judge(stateOf(events), worth.faults).causes;
  return {
    first: first?.id ?? null,
    likelyPct: first?.likelyPct ?? 0,
    really,
    right: first === undefined || really.length === 0 ? null : really.includes(first.id),
  };
}

/** The maker's name of a practice: the make, and that it is one. */
const nameOf = ({ method }: Practice) => `Practice: ${method.title}`.slice(0, 120);

const rounded = (worth: Worth): Worth => ({
  ...worth,
  kg: roundTo(worth.kg, 4),
  moisturePct: roundTo(worth.moisturePct, 2),
});

/** What a pot departed by, by name, figures that are as planned left out. */
function departs({ depart }: Hidden): Record<string, number> {
  const factor = (value: number) => Math.abs(value - 1) < 1e-9 || value === 0;
  return Object.fromEntries(
    Object.entries(depart)
      .filter(([, value]) => !factor(value))
      .map(([key, value]) => [key, roundTo(value, 4)]),
  );
}

/** A course thinned to what a file and a chart can hold. */
export function thinned<T>(course: readonly T[], most = MOST_POINTS): T[] {
  const every = Math.ceil(course.length / most);
  return course.filter((_, i) => i % every === 0 || i === course.length - 1);
}

/** What really went on in a practice, as it stands in its file. */
export function truthOf(practice: Practice, events: readonly MakeEvent[], worth: Worth, best: Worth) {
  const costs = reckonedUp(practice, best.kg);
  return {
    troubles: [...practice.hidden.troubles],
    departs: departs(practice.hidden),
    stages: practice.stages.map(({ id }) => id),
    course: thinned(practice.course).map(({ minute, tempC, pH, set, stage }) => ({
      minute: roundTo(minute, 2),
      tempC: roundTo(tempC, 2),
      pH: roundTo(pH, 3),
      set: set === null ? null : roundTo(set, 3),
      stage,
    })),
    costs: costs.map((one) => ({ ...one, atMin: roundTo(one.atMin, 2), grams: roundTo(one.grams, 1) })),
    best: rounded(best),
    judged: judged(events, worth, costs, practice.hidden),
  };
}

/**
 * A practice from its file: its milk with the quirks of its seed answers every move; what came of it, what it was worth, and what
 * was really going on. A move that cannot be done is said by its number. The same file gives the same answer to the byte.
 *
 * @example practise({ format: 'plump-pail/practice', version: 1, brief, quirks: { seed: 4 }, moves: [] })
 */
export function practise(value: unknown): Result<PractisedFile> {
  const read = parse<PracticeFile>(practiceSchema, value);
  if (!read.ok) return read;
  const { brief, quirks, moves } = read.value;
  const hidden = hiddenOf(quirks);
  const begun = beginPractice(brief as Brief, hidden, quirks.seed ?? 0);
  if (!begun.ok)
    return { ok: false, faults: begun.faults.map((one) => ({ ...one, path: `brief.${one.path}` })) };
  const practice = begun.value;
  const notes = new Notes(0);
  notes.write(startOf(practice, nameOf(practice)), 0);
  for (const [index, move] of moves.entries()) {
    if (move.atMin > practice.pot.minute) elapse(practice, move.atMin - practice.pot.minute);
    notes.move(practice, move);
    const done = act(practice, move);
    if (!done.ok)
      return bad(
        ...done.faults.map((one) => ({ ...one, path: `moves.${index}`, problem: `cannot ${one.problem}` })),
      );
  }
  settle(practice);
  const best = bestOf(brief as Brief, hidden) ?? worthOf(practice, practice.aims.kg);
  const worth = worthOf(practice, best.kg, standing(practice));
  if (practice.over) notes.ended(worth, practice.pot.minute);
  return good({
    format: 'plump-pail/practised',
    version: 1,
    make: {
      format: 'plump-pail/make',
      version: 1,
      id: `practice-${practice.method.id}-${quirks.seed ?? 'plain'}`,
      events: notes.events,
    },
    truth: truthOf(practice, notes.events, worth, best),
    worth: rounded(worth),
  });
}
