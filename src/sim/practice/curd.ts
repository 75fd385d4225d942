import { earlyCutLoss } from '../../core/curd/syneresis';
import type { Fault } from '../../core/faults/fault';
import { log2Of } from '../../core/numeric/elementary';
import { offWhey } from '../../makes/kinds/offWhey';
import { cannot, costs, type Practice, stageNow, worldNow } from './batch';
import { caughtShare } from './doses';

/** Cuts that are stirred sooner after the knife went in do not hold their fat, min. Common practice. */
const HEALS_MIN = 8;
/** A curd this far set can be cut at all, share of its time. Common practice: it closes behind the knife before. */
const CUTS_FROM = 0.35;

const inWhey = ({ pot, place, cutAt }: Practice) => place === 'pot' && pot.wheyPH === null && cutAt !== null;

/** Whether there is curd by now. */
export const hasCurd = (practice: Practice): boolean =>
  practice.cutAt !== null ||
  practice.pot.wheyPH !== null ||
  (practice.method.acid === 'turns' && caughtShare(practice) > 0.3) ||
  practice.gel >= CUTS_FROM;

/** The knife. */
export function cut(practice: Practice, mm: number): Fault | null {
  const { pot, gel, method } = practice;
  const slabs = pot.wheyPH !== null;
  if (slabs) return null;
  if (practice.cutAt !== null) {
    pot.work.cutMm = Math.min(pot.work.cutMm ?? mm, mm);
    return null;
  }
  if (method.acid === 'turns') return cannot('cut curd that parts by itself', 'leave the knife');
  if (gel < CUTS_FROM) return cannot('cut milk', 'wait until it has set: a test says how far it is');
  practice.cutAt = gel;
  practice.cutMinute = pot.minute;
  pot.work.cutMm = mm;
  pot.work.cookC = pot.tempC;
  const loss = earlyCutLoss(gel);
  if (loss > 0)
    costs(practice, {
      cause: 'cut-too-early',
      found: ['creamy-whey', 'low-yield', 'weak-curd'],
      text: 'It was cut before it was firm: fat and fines went with the whey.',
      fat: loss,
      casein: loss,
    });
  const late = Math.min(1, Math.max(0, gel - 1.3));
  if (late > 0)
    costs(practice, {
      cause: 'cut-too-late',
      found: ['too-soft'],
      text: 'It was cut late: firm curd tears, and holds its whey longer.',
      fat: 0.01 * late,
      moisturePct: late,
    });
  return null;
}

/** The whey leaves; a set that was not cut first loses what it is not firm enough to hold. */
export function parted(practice: Practice): Fault | null {
  if (!hasCurd(practice)) return cannot('drain milk', 'wait until there is curd');
  const { pot } = practice;
  if (practice.cutAt === null && practice.method.acid !== 'turns') {
    practice.cutAt = practice.gel;
    const loss = earlyCutLoss(practice.gel);
    if (loss > 0)
      costs(practice, {
        cause: 'soured-too-short',
        found: ['weak-curd', 'low-yield'],
        text: 'It was drained before it had set through: curd ran off with the whey.',
        fat: loss,
        casein: loss,
      });
  }
  const missing = practice.method.acid === 'turns' ? 1 - caughtShare(practice) : 0;
  if (missing > 0.005 && pot.wheyPH === null)
    costs(practice, {
      cause: 'acid-short',
      found: ['cloudy-whey', 'low-yield'],
      text: 'Too little acid: what was not caught ran off with a cloudy whey.',
      fat: missing,
      casein: missing,
    });
  offWhey(worldNow(practice), pot);
  return null;
}

/** Stirring that comes where nobody should: a set that thickens, cuts that have not healed, hot acid curd that rests. */
export function disturbed(practice: Practice) {
  const { pot, gel, cutAt, stages, at } = practice;
  const sets = pot.clot !== null || stages[at]?.kind.does.includes('sets');
  if (sets && cutAt === null && gel > 0.3 && practice.method.acid !== 'turns')
    costs(practice, {
      cause: 'set-disturbed',
      found: ['weak-curd', 'low-yield'],
      text: 'It was stirred while it set: what breaks then never knits again.',
      fat: 0.06,
      casein: 0.05,
    });
  if (inWhey(practice) && pot.minute - (practice.cutMinute ?? 0) < HEALS_MIN)
    costs(practice, {
      cause: 'stirred-too-hard',
      found: ['creamy-whey'],
      text: 'It was stirred before its cuts had healed: fat went through open faces.',
      fat: 0.03,
      casein: 0.02,
    });
  if (practice.method.acid === 'turns' && caughtShare(practice) > 0.9 && pot.wheyPH === null)
    costs(practice, {
      cause: 'stirred-too-hard',
      found: ['grainy'],
      text: 'Fresh curd was stirred small, and some of it left with the whey.',
      fat: 0.02,
      casein: 0.02,
    });
}

/** Curd heated in less than this share of its time takes a skin; so many points of whey it locks in at most. Common practice, as the pot's own advice has it. */
const FAST_SHARE = 0.8;
const FAST_POINTS = 2;
/** A rise smaller than this locks nothing in, °C. */
const RISES_C = 4;

/** Curd that was warmed faster than it should have been. */
export function warmed(practice: Practice) {
  const { spans, at, since, pot } = practice;
  const span = spans[at];
  if (!stageNow(practice).kind.does.includes('cooks-curd') || !span || practice.cutAt === null) return;
  const share = (pot.minute - since) / Math.max(1, span.durationMin);
  const [first] = span.course;
  if (share >= FAST_SHARE || !first || pot.tempC - first[1] < RISES_C) return;
  costs(practice, {
    cause: 'cooked-too-fast',
    found: ['too-soft', 'weeps'],
    text: 'The curd was heated too fast: a skin on it locked the whey in.',
    moisturePct: FAST_POINTS * (1 - share),
    marks: 2 * (1 - share),
  });
}

/** A turn left out leaves one side wetter than the other, points and marks. Judgement. */
const UNTURNED = { moisturePct: 0.25, marks: 1.5 } as const;

/** Slabs, baskets and moulds that were not turned as often as they should have been. */
export function turned(practice: Practice) {
  const { kind, params } = stageNow(practice);
  const rounds = kind.rounds(params);
  if (rounds?.what !== 'turn') return;
  const missing = rounds.count - practice.turns;
  if (missing < 1) return;
  costs(practice, {
    cause: 'turned-too-little',
    found: ['open-texture'],
    text: 'It was not turned as often as it should have been: wet on one side, and open.',
    moisturePct: UNTURNED.moisturePct * missing,
    marks: UNTURNED.marks * missing,
  });
}

/** A colander left before its time leaves whey between the curds, points; at most so many. Judgement. */
const WETTER_PER_HALVING = 2;
const WETTER_MOST = 5;

/** Curd that dripped in a colander for less than it should. */
export function dripped(practice: Practice) {
  const { place, at, spans, drainedMin, world, pot } = practice;
  const stage = stageNow(practice);
  if (!stage.kind.does.includes('drains') || world.drain || world.bag) return;
  const minutes = Math.max(0.5, place === 'drain' ? drainedMin : 0);
  const short = log2Of((spans[at]?.durationMin ?? minutes) / minutes);
  if (short > 0.5 && pot.wheyPH !== null)
    costs(practice, {
      cause: 'drained-too-short',
      found: ['too-soft', 'weeps'],
      text: 'It was taken out of its colander with whey still between the curds.',
      moisturePct: Math.min(WETTER_MOST, WETTER_PER_HALVING * (short - 0.5)),
    });
}
