import { FIRST_SHARE, HELD_BACK_PORTIONS } from '../../core/acid/coagulation';
import { weightKg } from '../../core/curd/press';
import { SPECIFIC_HEAT } from '../../core/heat/mixing';
import { lnOf } from '../../core/numeric/elementary';
import { STRETCH_WAYS, type StretchWay } from '../../core/stretch/losses';
import { AIMED_CORE_C } from '../../core/stretch/window';
import type { BatchStage } from '../../plan/stages';
import { act, SHORT_OF_WATER_C, STRETCH_TAU_MIN } from './acts';
import { type Practice, stageNow } from './batch';
import { plannedGrams } from './doses';
import { elapse } from './elapse';
import type { Deed, Move } from './moves';
import type { Hand, Playing } from './playing';
import { look, readsC, test } from './senses';
import { onScaleKg } from './worth';

/** Longest that anybody waits for heat, and for a set or an acid, min. */
const HEAT_MOST_MIN = 300;
const SET_MOST_MIN = 48 * 60;
/** A set that has cooled so far beyond what was foreseen is warmed again, °C. */
const COOLED_C = 1.5;
/** Whoever reads a thermometer first reads it after this, min. */
const FIRST_READ_MIN = 2;
/** Stops this near to a goal, °C. */
const NEAR_C = 0.15;

/** Does something, and writes it down. */
function does(hand: Hand, deed: Deed): void {
  const move = { atMin: hand.practice.pot.minute, ...deed } as Move;
  hand.moves.push(move);
  hand.log?.notes.move(hand.practice, move);
  act(hand.practice, deed);
}
const waits = (hand: Hand, minutes: number): void => elapse(hand.practice, minutes);

const tempOf = ({ practice, knows }: Hand): number => (knows ? practice.pot.tempC : readsC(practice));

/** Sets the hob where it is not so already. */
const hob = (hand: Hand, setting: 0 | 1 | 2 | 3): void => {
  if (hand.practice.hob !== setting) does(hand, { do: 'heat', setting });
};

/** Cools in ice, or heats: at full pace, or evenly over so many minutes. */
function bring(hand: Hand, toC: number, overMin: number): void {
  const { practice } = hand;
  if (tempOf(hand) > toC + 0.5) {
    does(hand, { do: 'ice', on: true });
    for (let m = 0; m < HEAT_MOST_MIN && tempOf(hand) > toC; m += 0.5) waits(hand, 0.5);
    does(hand, { do: 'ice', on: false });
    return;
  }
  const from = tempOf(hand);
  let read = FIRST_READ_MIN;
  const coasts = hand.knows ? practice.hidden.heatLeftKj / (practice.pot.kg * SPECIFIC_HEAT.milk) : 0;
  for (let m = 0; m < HEAT_MOST_MIN; m += 0.5) {
    if (hand.log && m >= read) {
      does(hand, { do: 'look' });
      read += hand.log.readsEvery;
    }
    const now = tempOf(hand);
    if (now >= toC - NEAR_C - (overMin > 0 ? 0 : coasts) && m >= overMin - 0.5) break;
    const wanted = overMin > 0 ? from + (toC - from) * Math.min(1, (m + 0.5) / overMin) : toC;
    const short = wanted - now;
    hob(hand, overMin === 0 ? 2 : short > 0.6 ? 3 : short > 0.25 ? 2 : short > 0 ? 1 : 0);
    waits(hand, 0.5);
  }
  hob(hand, 0);
}

/** Keeps a heat for so many minutes. */
function keeps(hand: Hand, atC: number, minutes: number): void {
  for (let m = 0; m < minutes; m += 1) {
    const short = atC - tempOf(hand);
    hob(hand, short > 1 ? 2 : short > 0.15 ? 1 : 0);
    waits(hand, Math.min(1, minutes - m));
  }
  hob(hand, 0);
}

function pours(hand: Hand): void {
  const { practice, knows } = hand;
  const dose = practice.planned.plan.doses.find(({ id }) => id === 'acid');
  if (!dose) return;
  const first = knows ? (practice.acidNeededGrams ?? dose.grams) : dose.grams;
  does(hand, { do: 'add', what: 'acid', grams: first * FIRST_SHARE });
  waits(hand, 2);
  for (let n = 0; n < 40 && look(practice).whey !== 'clear'; n++) {
    const portion = n < HELD_BACK_PORTIONS ? (first * (1 - FIRST_SHARE)) / HELD_BACK_PORTIONS : first * 0.03;
    does(hand, { do: 'add', what: 'acid', grams: portion });
    waits(hand, 1);
    does(hand, { do: 'look' });
  }
}

/** Waits so long, or until it is enough; whoever watches the bowl writes down when it stops. */
function watches(hand: Hand, minutes: number, enough = () => false): void {
  let watching = hand.log?.watches === true;
  for (let m = 0; m < minutes && !enough(); m += 1) {
    waits(hand, Math.min(1, minutes - m));
    if (!watching || look(hand.practice).bowl !== 'stopped') continue;
    does(hand, { do: 'look' });
    watching = false;
  }
}

/** Waits until the curd breaks clean. */
function sets(hand: Hand): void {
  watches(hand, SET_MOST_MIN, () => hand.practice.gel >= 1);
  does(hand, { do: 'test' });
}

/** Waits until it is as sour as that, turning it so many times meanwhile. */
function sours(hand: Hand, toPH: number, leastMin: number, turns: number): void {
  const { practice, knows } = hand;
  const pH = () => (knows ? practice.pot.pH : (test(practice).pH ?? practice.pot.pH));
  let last = pH();
  const startedC = practice.spans[practice.at]?.course.at(-1)?.[1] ?? tempOf(hand);
  for (let m = 0; m < SET_MOST_MIN && (last > toPH || m < leastMin); m += 5) {
    // What gets colder than it was meant to is warmed back, gently.
    if (practice.place === 'pot') hob(hand, tempOf(hand) < startedC - COOLED_C ? 1 : 0);
    waits(hand, 5);
    last = pH();
    if (leastMin > 0 && practice.turns < (turns * (m + 5)) / leastMin && practice.turns < turns)
      does(hand, { do: 'turn' });
  }
  hob(hand, 0);
  does(hand, { do: 'test' });
}

function presses(hand: Hand, stage: BatchStage, minutes: number): void {
  const { practice } = hand;
  const params = stage.params as {
    kPa: number;
    by: string;
    turns: number;
    steps?: [number, number][];
  };
  if (params.steps && params.steps.length > 0) {
    for (const [kg, min] of params.steps) {
      does(hand, { do: 'press', kg });
      waits(hand, min);
      does(hand, { do: 'turn' });
    }
    return;
  }
  does(hand, { do: 'press', kg: 0 });
  const kg = params.by === 'self' ? 0 : weightKg(params.kPa, practice.areaM2);
  does(hand, { do: 'press', kg });
  const parts = params.turns + 1;
  for (let i = 0; i < parts; i++) {
    waits(hand, minutes / parts);
    if (i < params.turns) does(hand, { do: 'turn' });
  }
}

/** Minutes in water of `waterC` until a core of `fromC` is as hot as a stretch wants it. */
const stretchMin = (fromC: number, waterC: number): number =>
  -STRETCH_TAU_MIN * lnOf(1 - Math.min(0.97, (AIMED_CORE_C - fromC) / (waterC - SHORT_OF_WATER_C - fromC)));

function stretches(hand: Hand, stage: BatchStage, minutes: number): void {
  const { by, waterC } = stage.params as { by: StretchWay; waterC: number };
  // Water as hot as brings the core there in just the minutes that working it takes.
  const { tempC } = hand.practice.pot;
  const workMin = STRETCH_WAYS[by].workMin;
  const water = Math.min(98, Math.max(waterC, 70));
  const fast = stretchMin(tempC, water);
  does(hand, { do: 'stretch', waterC: water, minutes: Math.min(fast, Math.max(workMin, 1)) });
  if (hand.practice.pot.tempC < AIMED_CORE_C - 1)
    does(hand, { do: 'stretch', waterC: water, minutes: Math.max(0.5, fast - workMin) });
  waits(hand, Math.max(0, minutes - workMin));
}

function salts(hand: Hand, stage: BatchStage): void {
  const goal = stage.kind.goal(stage.params);
  const given = hand.practice.believed.salt?.given ? plannedGrams(hand.practice, 'salt') : null;
  const grams =
    given ??
    (goal?.is === 'salt'
      ? (onScaleKg(hand.practice) * 1000 * goal.percent) / 100
      : (plannedGrams(hand.practice, 'salt') ?? 0));
  does(hand, { do: 'salt', grams });
}

/** One stage as it should be done. */
function stageOf(hand: Hand, stage: BatchStage, minutes: number): void {
  const { practice } = hand;
  const { kind } = stage;
  const params = stage.params as {
    toC?: number;
    overMin?: number;
    mm?: number;
    as?: string;
    minutes?: number;
    stirred?: boolean;
    whole?: boolean;
  };
  const goal = kind.goal(stage.params);
  const is = (what: (typeof kind.does)[number]) => kind.does.includes(what);
  const doses = kind.takes(stage.params).filter((one) => one !== 'milk' && one !== 'brine-salt');
  const started = practice.pot.minute;
  const rounds = kind.rounds(stage.params);
  const turns = rounds?.what === 'turn' ? rounds.count : 0;
  if (goal?.is === 'clear-whey') pours(hand);
  else if (goal?.is === 'clean-break') sets(hand);
  else if (goal?.is === 'pH') sours(hand, goal.pH, is('cheddars') ? minutes : 0, turns);
  else if (doses.includes('salt')) salts(hand, stage);
  else if (doses.length > 0)
    for (const what of doses) {
      const grams = plannedGrams(practice, what);
      if (grams) does(hand, { do: 'add', what, grams });
    }
  else if (is('poaches')) {
    bring(hand, params.toC ?? 90, 0);
    keeps(hand, params.toC ?? 90, params.minutes ?? 30);
  } else if (is('heats-milk') || is('cools-milk') || is('cooks-curd')) {
    if (params.whole !== true) does(hand, { do: 'stir', on: params.stirred !== false });
    does(hand, { do: 'lid', on: false });
    bring(hand, params.toC ?? practice.pot.tempC, params.overMin ?? 0);
    does(hand, { do: 'stir', on: false });
    does(hand, { do: 'lid', on: true });
  } else if (is('cuts')) does(hand, { do: 'cut', mm: params.mm ?? 12 });
  else if (is('holds-heat') && params.as === 'stir') {
    does(hand, { do: 'stir', on: true });
    keeps(hand, tempOf(hand), minutes);
    does(hand, { do: 'stir', on: false });
  } else if (is('drains')) does(hand, { do: 'drain' });
  else if (is('presses')) presses(hand, stage, minutes);
  else if (is('stretches')) stretches(hand, stage, minutes);
  else if (is('brines')) does(hand, { do: 'brine' });
  else if (is('rinses')) does(hand, { do: 'add', what: 'water', grams: 1000 });
  else if (is('draws-whey')) does(hand, { do: 'draw-whey' });
  const left = minutes - (practice.pot.minute - started);
  if (left > 0 && goal?.is !== 'pH' && goal?.is !== 'clean-break') {
    const goes = is('presses') ? 0 : turns;
    for (let i = 0; i < goes; i++) {
      waits(hand, left / (goes + 1));
      does(hand, { do: 'turn' });
    }
    waits(hand, left / (goes + 1));
  }
}

/**
 * Makes the whole batch as it should be made: by its thermometer, its tests and its scale, or, where it `knows`, by what really is.
 * Returns the moves.
 *
 * @example play(beginPractice(brief, AS_PLANNED).value, false).length > 10 // true
 */
export function play(
  practice: Practice,
  knows: boolean,
  { minutes = practice.spans.map(({ durationMin }) => durationMin), instead = {}, log }: Playing = {},
): Move[] {
  const hand: Hand = { practice, moves: [], knows, log: log ?? null };
  while (!practice.over) {
    const stage = stageNow(practice);
    const planned = minutes[practice.at] ?? 0;
    const other = instead[stage.id];
    const well = () => stageOf(hand, stage, planned);
    if (other)
      other({
        practice,
        does: (deed) => does(hand, deed),
        waits: (min) => waits(hand, min),
        watches: (min) => watches(hand, min),
        well,
        writes: (event) => log?.notes.write(event, practice.pot.minute),
        planned,
      });
    else well();
    does(hand, { do: 'next' });
  }
  return hand.moves;
}
