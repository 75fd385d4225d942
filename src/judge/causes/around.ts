import type { Camp } from '../camp';
import { type Cause, type Causes, type Clue, NOTHING_SAID, said, steep } from '../cause';
import { flocculated } from '../flocculation';
import type { FindingId } from '../ids';
import { ageHours, HOUR_MS, type Log, PLAN, skippedIn, that, wentInAt } from '../log';
import { words } from '../next';
import { DISCARD } from '../remedies';
import { souredOff, souringPace } from '../souring';
import { READS_RIGHT_C, worstOff } from '../thermometer';

/** How old a cheese wants to be before it is judged, h. Common practice. */
const READY_H: Record<Camp, number> = {
  acid: 0,
  lactic: 12,
  cottage: 0,
  quick: 12,
  cultured: 12,
  squeaky: 8,
  grilling: 24,
  pressed: 24,
};
/** Stretched curd melts as it should only after this, h. Common practice. */
const MELTS_H = 48;

/** From which age on a finding can be believed in such a make, h. */
export const readyAfterH = (camp: Camp, found: readonly FindingId[]): number =>
  (camp === 'quick' || camp === 'cultured') && found.includes('will-not-melt') ? MELTS_H : READY_H[camp];

/** What was found with it decides how old it must be; the log alone does not know that. */
export interface Asked extends Log {
  found: readonly FindingId[];
}

const early: Cause = {
  text: 'it was judged too early',
  part: (log) => READY_H[log.camp] > 0,
  says: (log) => {
    const age = ageHours(log);
    if (age === null) return NOTHING_SAID;
    const ready = readyAfterH(log.camp, (log as Asked).found ?? []);
    return said(
      [
        steep(
          age,
          ready,
          [[0.6 * ready, 6]],
          `It was ${log.format.minutes(60 * age)} old; it wants ${log.format.minutes(60 * ready)}.`,
          log.state.tastings.at(-1)?.seq ?? null,
        ),
      ],
      { cleared: age >= ready, measured: true },
    );
  },
  next: (log) =>
    words(`Taste it after ${log.format.minutes(60 * readyAfterH(log.camp, (log as Asked).found ?? []))}.`),
  now: 'Nothing but time: keep it cold and sealed, and taste it again.',
};

const late: Cause = {
  text: 'it was judged too late',
  part: (log) => log.camp === 'squeaky',
  says: (log) => {
    const age = ageHours(log);
    if (age === null) return NOTHING_SAID;
    return said(
      [
        steep(
          age,
          24,
          [[36, 8]],
          `It was ${log.format.minutes(60 * age)} old.`,
          log.state.tastings.at(-1)?.seq ?? null,
        ),
      ],
      {
        cleared: age <= 24,
        measured: true,
      },
    );
  },
  next: () => words('Taste it at about half a day: the squeak goes within two.'),
  now: 'Warm it for a few seconds: some of the squeak comes back.',
};

const contaminated: Cause = {
  text: 'something got in that does not belong in it',
  says: (log) => {
    const skipped = skippedIn(log, that('cleans'));
    const raw = log.state.plan.brief.milk.treatment === 'raw';
    const from = wentInAt(log, 'culture');
    const slow =
      from === null ? undefined : log.state.pHs.find((one) => one.at - from >= 7 * HOUR_MS && one.pH > 5.6);
    return said([
      skipped && { times: 5, text: 'The tools were not scalded.', event: skipped.endedBy ?? null },
      raw && { times: 2, text: 'Raw milk.', event: PLAN, apart: true },
      slow && { times: 4, text: `Still pH ${log.format.pH(slow.pH)} after 8 h.`, event: slow.seq },
    ]);
  },
  next: () => words('Boil the cloth for 5 min, scald the tools, and begin with a live culture.'),
  now: DISCARD,
};

/** Set and souring against what they should be at the heat that was read: both late, or both early. */
function bothOff(log: Log): Clue | null {
  const set = flocculated(log);
  const soured = souringPace(log);
  if (log.state.readings.length === 0 || !set || set.ratio === null || !soured) return null;
  const late = set.ratio > 1.3 && soured.pace < 0.8;
  const early = set.ratio < 0.75 && soured.pace > 1.25;
  return late || early
    ? {
        times: 3,
        text: `It set and soured ${late ? 'more slowly' : 'faster'} than at the heat that was read.`,
        event: set.event,
      }
    : null;
}

const thermometer: Cause = {
  text: 'the thermometer reads wrong',
  says: (log) => {
    if (!log.tested) return said([bothOff(log)]);
    const { offC, shownC, trueC, event } = worstOff(log.tested);
    const { format } = log;
    return said(
      [
        steep(
          Math.abs(offC),
          READS_RIGHT_C,
          [[2, 8]],
          `It showed ${format.temp(shownC, 1)} where it is ${format.temp(trueC)}: the readings here are put right by that.`,
          event,
        ),
      ],
      { cleared: Math.abs(offC) <= READS_RIGHT_C, measured: true },
    );
  },
  next: ({ format }) =>
    words(
      `Test it in melting ice (${format.temp(0)}) and in boiling water, and say in the kitchen what it shows.`,
    ),
};

const meter: Cause = {
  text: 'the pH meter reads wrong',
  part: (log) => log.state.pHs.length > 0,
  says: (log) => {
    const pace = souringPace(log)?.pace ?? null;
    const acid = log.state.plan.predictions.pHAfterAcid;
    const at = wentInAt(log, 'acid');
    const read = log.state.pHs.find((one) => at !== null && one.at >= at);
    const off = acid !== null && read ? Math.abs(read.pH - acid) : 0;
    const soured = souredOff(log);
    return said(
      [
        read &&
          steep(
            off,
            0.12,
            [[0.2, 4]],
            `It read ${log.format.pH(read.pH)} where the acid gives ${log.format.pH(acid ?? 0)}.`,
            read.seq,
          ),
        soured &&
          steep(
            Math.abs(soured.read.value - soured.expectedPH),
            0.12,
            [[0.2, 4]],
            `It read ${log.format.pH(soured.read.value)} where ${log.format.minutes(60 * soured.tookH)} of souring give ${log.format.pH(soured.expectedPH)}.`,
            soured.read.event,
          ),
      ],
      {
        cleared: pace !== null && pace > 0.9 && pace < 1.15,
        measured: read !== undefined || soured !== null,
      },
    );
  },
  next: () => words('Test the meter in buffers of pH 4 and 7.'),
};

/** What lies around the make: when it was judged, what it was measured with, what got in. */
export const AROUND: Causes = {
  'judged-too-early': early,
  'judged-too-late': late,
  contaminated,
  'thermometer-off': thermometer,
  'meter-off': meter,
};
