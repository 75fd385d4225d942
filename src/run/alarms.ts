import { does } from '../makes/asked';
import { stageKind } from '../makes/kinds';
import type { Bell } from '../makes/traits';
import { boilsOverAt, mayBoilAt } from './boilOver';
import { expectedEnd } from './expect';
import { roundsOf } from './rounds';
import { isOver, type MakeState, stageAt } from './state';
import { tastingsAt } from './taste';

/** Something that is due at a pot or on the board: one for each thing and time it is due at. */
export interface Alarm {
  key: string;
  makeId: string;
  name: string;
  about: 'stage' | 'turn' | 'bell' | 'boil-over' | 'taste';
  /** What a bell calls for. */
  what?: Bell['what'];
  dueAt: number;
  /** After this it is too late to ring. */
  until: number;
}

/** A pot about to climb over its rim is called this long before, ms. */
const BOIL_BEFORE_MS = 2 * 60_000;
/** A tasting nobody came to in this time is missed, ms. */
const TASTE_WITHIN_MS = 12 * 3_600_000;

/** When a make that is over is to be tasted again. */
export const tasteAlarms = ({
  id,
  name,
  tasteAt,
}: {
  id: string;
  name: string;
  tasteAt: readonly number[];
}): Alarm[] =>
  tasteAt.map((dueAt) => ({
    key: `${id}:taste:${Math.round(dueAt / 60_000)}`,
    makeId: id,
    name,
    about: 'taste',
    dueAt,
    until: dueAt + TASTE_WITHIN_MS,
  }));

/** Everything that will ring for a make as it stands; nothing while it is paused, or written elsewhere. */
export function alarmsOf(makeId: string, state: MakeState): Alarm[] {
  if (isOver(state)) return tasteAlarms({ id: makeId, name: state.name, tasteAt: tastingsAt(state) });
  if (state.pausedAt !== null || state.handedAt !== null) return [];
  const stage = alarmOf(makeId, state);
  const turn = turnAlarm(makeId, state);
  // A warming that ends at its heat is called by its own alarm; whey that goes on simmering has none until it is done.
  const simmers = stageKind(stageAt(state).kind).countsMin(state.parameters[stageAt(state).id]) !== null;
  const boils = boilsOverAt(state) ?? (simmers ? mayBoilAt(state) : null);
  return [
    ...(stage ? [stage] : []),
    ...(turn ? [turn] : []),
    ...bellsOf(makeId, state),
    ...wheyOn(makeId, state),
    ...(boils === null
      ? []
      : [
          {
            key: `${makeId}:${state.index}:boil`,
            makeId,
            name: state.name,
            about: 'boil-over' as const,
            dueAt: boils - BOIL_BEFORE_MS,
            until: Number.POSITIVE_INFINITY,
          },
        ]),
  ];
}

/** No stage calls oftener than this. */
const MOST_BELLS = 24;

/** The bells of the stage under way, each until the next of its kind; none in its last minutes, when it is over anyway. */
function bellsOf(makeId: string, state: MakeState): Alarm[] {
  const stage = stageAt(state);
  const durationMin = stage.durationMin.likely;
  const begun = state.stageStartedAt + state.pausedMs;
  return stageKind(stage.kind)
    .bells(state.parameters[stage.id], { durationMin })
    .flatMap(({ what, everyMin }) =>
      Array.from(
        { length: Math.min(MOST_BELLS, Math.floor((durationMin - 1) / Math.max(1, everyMin))) },
        (_, i) => ({
          key: `${makeId}:${state.index}:${what}:${i}`,
          makeId,
          name: state.name,
          about: 'bell' as const,
          what,
          dueAt: begun + (i + 1) * everyMin * 60_000,
          until: begun + (i + 2) * everyMin * 60_000,
        }),
      ),
    );
}

/** While the press runs, the whey its pieces are poached in afterwards is put on, so that it is hot when they come. */
function wheyOn(makeId: string, state: MakeState): Alarm[] {
  const next = state.plan.stages[state.index + 1];
  if (!next || !does(stageAt(state), 'presses') || !does(next, 'heats-curd')) return [];
  const counts = stageKind(next.kind).countsMin(state.parameters[next.id]);
  if (counts === null) return [];
  const heatingMs = Math.max(0, next.durationMin.likely - counts) * 60_000;
  const until = expectedEnd(state);
  return [
    {
      key: `${makeId}:${state.index}:whey-on`,
      makeId,
      name: state.name,
      about: 'bell',
      what: 'whey-on',
      dueAt: Math.max(state.stageStartedAt, until - heatingMs),
      until,
    },
  ];
}

/** A stage shorter than this needs no alarm: one stands at it, min. */
const SHORTEST_MIN = 3;

/** The alarm of the next turn or salting; null where none comes, or it comes as the stage begins. */
function turnAlarm(makeId: string, state: MakeState): Alarm | null {
  const rounds = roundsOf(state);
  if (!rounds?.dueAt) return null;
  if (rounds.dueAt - state.stageStartedAt < SHORTEST_MIN * 60_000) return null;
  return {
    key: `${makeId}:${state.index}:turn:${rounds.given}`,
    makeId,
    name: state.name,
    about: 'turn',
    dueAt: rounds.dueAt,
    until: Number.POSITIVE_INFINITY,
  };
}

/** The alarm of a running make at its stage under way; null where its end is the maker's own doing. */
function alarmOf(makeId: string, state: MakeState): Alarm | null {
  const stage = stageAt(state);
  if (stageKind(stage.kind).endedBy === 'done') return null;
  const dueAt = expectedEnd(state);
  if (dueAt - state.stageStartedAt < SHORTEST_MIN * 60_000) return null;
  // To the minute, so that a reading that moves it by seconds does not ring twice.
  return {
    key: `${makeId}:${state.index}:${Math.round(dueAt / 60_000)}`,
    makeId,
    name: state.name,
    about: 'stage',
    dueAt,
    until: Number.POSITIVE_INFINITY,
  };
}

/** Alarms that ring now: due, not answered, and not asleep. */
export const ringing = (
  alarms: readonly Alarm[],
  answered: ReadonlySet<string>,
  snoozedUntil: Readonly<Record<string, number>>,
  now: number,
): Alarm[] =>
  alarms.filter(
    (one) =>
      one.dueAt <= now && now < one.until && !answered.has(one.key) && (snoozedUntil[one.key] ?? 0) <= now,
  );
