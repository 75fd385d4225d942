/** Makes for a large kitchen, of every method in turn, as files. */
import type { MakeFile } from '../src/files/make';
import { METHODS } from '../src/makes';
import { MODEL_VERSION } from '../src/plan/modelVersion';
import { type Planned, planBrief } from '../src/plan/plan';
import type { MakeEvent } from '../src/run/events';

const DAY_MS = 86_400_000;

const planned = new Map<string, Planned>();

/** The plan of a make of its usual milk, reckoned once. */
function planFor(method: string): Planned {
  const known = planned.get(method);
  if (known) return known;
  const made = planBrief(
    { format: 'plump-pail/brief', version: 1, method, milk: { species: 'cow', litres: 8 } },
    { spread: false },
  );
  if (!made.ok) throw new Error(method);
  planned.set(method, made.value);
  return made.value;
}

/** A make of its usual milk, walked to its end, or left at its scale-less middle. */
export function makeFile(n: number, finished: boolean, now: number): MakeFile {
  const method = METHODS[n % METHODS.length] as (typeof METHODS)[number];
  const { plan, parameters } = planFor(method.id);
  let at = finished ? now - (n + 2) * DAY_MS : now - 3_600_000;
  const events: MakeEvent[] = [
    {
      type: 'started',
      seq: 0,
      at,
      name: `${method.short} ${n}`,
      milkName: '',
      plan,
      parameters,
      modelVersion: MODEL_VERSION,
    },
  ];
  const add = (event: Record<string, unknown>) =>
    events.push({ ...event, seq: events.length, at } as MakeEvent);
  const stages = finished ? plan.stages.slice(0, -1) : plan.stages.slice(0, 2);
  for (const stage of stages) {
    for (let k = 0; k < 3; k++) add({ type: 'temperature', tempC: 20 + k });
    at += stage.durationMin.likely * 1000;
    add({ type: 'done', stage: stage.id });
  }
  if (finished) add({ type: 'finished', weighedKg: 1.2 });
  return { format: 'plump-pail/make', version: 1, id: `bench-make-${n}`, events };
}
