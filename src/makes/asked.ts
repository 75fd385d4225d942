import type { DoseId, KindName } from './grammar';
import { stageKind } from './kinds';
import type { Doing, Goal } from './traits';

/** Anything that names a stage kind: a stage of a plan, of a method, of a log. */
interface OfKind {
  kind: KindName;
}
interface Staged extends OfKind {
  id: string;
}
type Parameters = Readonly<Record<string, unknown>>;

/** Whether a stage does a thing. */
export const does = ({ kind }: OfKind, what: Doing): boolean => stageKind(kind).does.includes(what);

/** Whether something goes into the batch at a stage. */
export const takes = ({ id, kind }: Staged, parameters: Parameters, what: DoseId | 'milk'): boolean =>
  stageKind(kind).takes(parameters[id]).includes(what);

/** What ends a stage, where more than clock or thermometer decides; null otherwise. */
export const goalOf = ({ id, kind }: Staged, parameters: Parameters): Goal | null =>
  stageKind(kind).goal(parameters[id]);

/** How warm it is where the curd stands or hangs at a stage, °C; null where that is the pot or the room. */
export const standsCOf = ({ id, kind }: Staged, parameters: Parameters): number | null =>
  stageKind(kind).standsC(parameters[id]);
