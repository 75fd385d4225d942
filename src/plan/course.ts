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
  const pHs: Course['pHs'] = [[0, planned.acid.milkPH]];
  let start = 0;
  planned.plan.stages.forEach((stage, index) => {
    const span = planned.spans[index];
    if (!span) return;
    const tolerance = stageKind(stage.kind).toleranceC;
    if (!tolerance) band.push([start, Number.NaN, Number.NaN]);
    for (const [minute, tempC] of span.course) {
      temps.push([start + minute, tempC]);
      if (tolerance) band.push([start + minute, tempC - tolerance[0], tempC + tolerance[1]]);
    }
    if (stage.kind === 'add-acid') {
      pHs.push([start, planned.acid.milkPH], [start + span.durationMin, planned.acid.aimsAtPH]);
    }
    start += span.durationMin;
  });
  const last = pHs.at(-1)?.[1] ?? planned.acid.milkPH;
  pHs.push([start, last]);
  return { temps, band, pHs };
}
