import { souredBy } from '../core/stretch/window';
import { type Format, formatter, METRIC } from '../core/units/format';
import { stageKind } from '../makes/kinds';
import type { HandTestName } from '../makes/traits';
import type { HandTest } from './events';
import { type MakeState, stageAt } from './makeState';
import { stretchAdvice } from './stretchAdvice';
import { isCultured } from './warm';

/** What each test may find, in the order it is shown. */
export const FINDINGS: Readonly<Record<HandTestName, readonly HandTest[]>> = {
  break: ['not yet', 'nearly', 'clean'],
  stretch: ['tears', 'short', 'stretches', 'oily', 'melts'],
  squeeze: ['too soft', 'springs', 'too firm'],
  sourness: ['sweet still', 'sour, not set', 'sour and set', 'sharp', 'smells off'],
  afloat: ['some afloat', 'all afloat'],
  unmould: ['holds its shape', 'sags', 'sticks'],
};

/** What a finding leads to: what to do, and when to look again or be done, ms on the wall clock. */
export interface Finding {
  found: HandTest;
  says: string;
  /** Null where it is to be gone on with now. */
  lookAt: number | null;
  lookWhat: string;
  /** How it stands: go on, wait, or out with it. */
  leads: 'on' | 'wait' | 'bin';
}

/** Every finding that may be noted at the stage under way. */
export const findingsAt = (state: MakeState): HandTest[] => {
  const stage = stageAt(state);
  return stageKind(stage.kind)
    .tests(state.parameters[stage.id])
    .flatMap((name) => FINDINGS[name]);
};

const MIN_MS = 60_000;
/** Hotter or cooler by this before the next pull, °C. Common practice. */
const STEP_C = 4;
/** How long a piece that is not sour enough waits, min; the souring goes on with its own clock. Common practice. */
const SOUR_ON_MIN = { tears: 60, short: 30 } as const;

/** Wait so long, and then look again. */
const later = (found: HandTest, at: number, minutes: number, says: string, lookWhat: string): Finding => ({
  found,
  says,
  lookAt: at + minutes * MIN_MS,
  lookWhat,
  leads: 'wait',
});

/** A piece that would not stretch: by its heat where that was read, by its sourness else. */
function unstretched(state: MakeState, found: 'tears' | 'short', at: number, format: Format): Finding {
  const wait = (minutes: number, says: string) => later(found, at, minutes, says, 'then try a piece again');
  const core = stretchAdvice(state);
  if (core && core.coreC < core.fromC - 0.5)
    return wait(
      3,
      `Its core was ${format.temp(core.coreC)}, ${format.tempStep(core.fromC - core.coreC, 0)} short: hotter water, three minutes more under it, and pull again.`,
    );
  const { acid } = state.plan.brief;
  if (!isCultured(state) && acid)
    return wait(
      4,
      souredBy(acid.kind) === 'citric'
        ? `Acid that was poured does not go on souring: waiting alone mends nothing. Water ${format.tempStep(STEP_C, 0)} hotter and four minutes more; if it tears still, two grams of citric acid in each litre of the hot water, and try again.`
        : `Acid that was poured does not go on souring: water ${format.tempStep(STEP_C, 0)} hotter and four minutes more; if it tears still, a splash of the acid in the hot water, and try again.`,
    );
  return wait(
    SOUR_ON_MIN[found],
    `Not sour enough yet. Leave the rest warm under its whey for ${format.minutes(SOUR_ON_MIN[found])} more: the souring goes on where it was, its hours do not begin anew.`,
  );
}

/** How late or early in the stage it was found, as a share of what was planned. */
const shareOf = (state: MakeState, at: number): number =>
  (at - state.stageStartedAt) / MIN_MS / Math.max(1, stageAt(state).durationMin.likely);

/** What to do about what was found. Source: common practice. */
function answer(state: MakeState, found: HandTest, at: number, format: Format): Finding | null {
  const on = (says: string): Finding => ({ found, says, lookAt: null, lookWhat: '', leads: 'on' });
  const wait = (minutes: number, says: string, what = 'look again') => later(found, at, minutes, says, what);
  switch (found) {
    case 'tears':
    case 'short':
      return unstretched(state, found, at, format);
    case 'stretches':
      return on('It pulls and shines: go on, and stop as soon as it is smooth.');
    case 'oily':
      return on(
        `Fat runs out of it: it is too hot. The rest in water ${format.tempStep(2 * STEP_C, 0)} cooler, folded, not pulled, and shaped soon.`,
      );
    case 'melts':
      return on(
        `It is as sour as it may be, or too hot: go now, in water ${format.tempStep(2 * STEP_C, 0)} cooler, and quickly. What will not hold together is pressed into a block.`,
      );
    case 'too soft':
      return wait(5, 'It falls apart wet in the hand: stir on, at this heat, five minutes more.');
    case 'springs':
      return on('It holds together and breaks apart under the thumb: firm enough. Go on.');
    case 'too firm':
      return on(
        'Hard and dry already: heat off and on to the next stage at once; press or salt a little less.',
      );
    case 'sweet still': {
      const late = shareOf(state, at) > 0.7;
      return wait(
        late ? 60 : 120,
        late
          ? 'It should taste sour by now. Is it warm enough? Set the pot in warm water or wrap it better, and taste again in an hour; half a fresh dose of culture may still go in while it is milk.'
          : 'Nothing wrong: a culture counts before it sours. Lid on, keep it warm.',
        'taste it again',
      );
    }
    case 'sour, not set':
      return wait(60, 'It is on its way: hands off, and look in an hour.');
    case 'sour and set':
      return on(
        'Set, with clear whey on it or at its wall, and cleanly sour: it has soured as it should. Go on.',
      );
    case 'sharp':
      return on(
        'It has gone further than planned: on at once, and cold as soon as it is drained. Salt it in full.',
      );
    case 'smells off':
      return {
        found,
        says: 'Yeast, rot or anything but clean milk and sourness: do not taste it again. Throw it out, and scald everything before the next make.',
        lookAt: null,
        lookWhat: '',
        leads: 'bin',
      };
    case 'some afloat':
      return wait(
        5,
        'Those that are down have not knit through yet: keep the whey at its heat, do not stir.',
      );
    case 'all afloat': {
      const stage = stageAt(state);
      const counts = stageKind(stage.kind).countsMin(state.parameters[stage.id]) ?? 0;
      return wait(
        counts,
        `From now on it counts: ${format.minutes(counts)} at this heat.`,
        'poached through',
      );
    }
    case 'holds its shape':
      return on('Firm enough to stand by itself: go on.');
    case 'sags':
      return wait(
        120,
        'Back into its mould, the other way up, for two hours more; cooler if the room is warm.',
        'try it again',
      );
    case 'sticks':
      return wait(
        30,
        'Half an hour in the cold, still in its mould; then a thin wet knife round the wall, and tip it on its face.',
        'try it again',
      );
    default:
      return null;
  }
}

const PLAIN = formatter(METRIC);
/** When to look again by what was found last, ms on the wall clock; null where there is nothing to wait for. */
export const lookAgainAt = (state: MakeState): number | null => findingOf(state, PLAIN)?.lookAt ?? null;

/** What was found last at the stage under way, and what it leads to; null where nothing was tried, or the clean break answers. */
export function findingOf(state: MakeState, format: Format): Finding | null {
  const here = findingsAt(state);
  const last = state.tests.findLast(
    (one) => one.stage === stageAt(state).id && one.at >= state.stageStartedAt && here.includes(one.found),
  );
  return last ? answer(state, last.found, last.at, format) : null;
}
