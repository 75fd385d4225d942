import { stageKind } from '../makes/kinds';
import type { Planned } from './plan';

/** What the make track draws: [minute, …] from the start of the make. */
export interface Course {
  temps: [minute: number, tempC: number][];
  /** Bounds are NaN where a stage has none. */
  band: [minute: number, lowC: number, highC: number][];
  pHs: [minute: number, pH: number][];
}

/** The temperature, its band and the pH of a plan over its minutes. */
export function courseOf(planned: Planned): Course {
  const temps: Course['temps'] = [];
  const band: Course['band'] = [];
  let pH = planned.milkPH;
  const pHs: Course['pHs'] = [[0, pH]];
  let start = 0;
  planned.plan.stages.forEach((stage, index) => {
    const span = planned.spans[index];
    if (!span) return;
    const kind = stageKind(stage.kind);
    const tolerance = kind.toleranceC(planned.parameters[stage.id]);
    if (!tolerance) band.push([start, Number.NaN, Number.NaN]);
    for (const [minute, tempC] of span.course) {
      temps.push([start + minute, tempC]);
      if (tolerance) band.push([start + minute, tempC - tolerance[0], tempC + tolerance[1]]);
    }
    if (planned.acid && kind.takes(planned.parameters[stage.id]).includes('acid')) {
      pHs.push([start, pH], [start + span.durationMin, planned.acid.aimsAtPH]);
    }
    for (const [minute, value] of span.pHs ?? []) pHs.push([start + minute, value]);
    pH = pHs.at(-1)?.[1] ?? pH;
    start += span.durationMin;
  });
  pHs.push([start, pH]);
  return { temps, band, pHs };
}
