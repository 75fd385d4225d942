import { productOf, saysNothing, USUAL_TABLET_IMCU } from '../core/coagulant/product';
import { CASEIN_TO_FAT, STANDARDS } from '../core/curd/standards';
import { SLOW_MARGIN } from '../core/safety/slowSouring';
import type { Told } from '../core/safety/told';
import { does, takes } from '../makes/asked';
import type { Span, World } from '../makes/grammar';
import { type Method, setsForTheKnife } from '../makes/method';
import type { Resolved } from './brief/resolved';
import { USUAL_SACHET_L, unsaidSachet } from './given';
import type { Outcome } from './outcome';
import { culturedAt, type Lived, safetyOf, standsFrom } from './safety';
import type { Plan } from './schema';

/** A caution of this batch and the stage it belongs to. */
export interface Warning {
  stage: string;
  told: Told;
}

/** The courses of a plan's stages, counted from its first minute. */
export function livedAsPlanned(stages: Plan['stages'], spans: readonly Span[]): Lived[] {
  return stages.map(({ startMin }, i) => ({
    temps: (spans[i]?.course ?? []).map(([minute, tempC]) => [startMin + minute, tempC] as const),
    pHs: (spans[i]?.pHs ?? []).map(([minute, pH]) => [startMin + minute, pH] as const),
  }));
}

/** Everything about a likely run that lies outside what is safe, sound or sold under its name. */
export function warningsOf(
  brief: Resolved,
  method: Method,
  stages: Plan['stages'],
  parameters: Readonly<Record<string, unknown>>,
  spans: readonly Span[],
  { world, outcome, curdPH }: { world: World; outcome: Outcome; curdPH: number },
): Warning[] {
  const found: Warning[] = [];
  const first = stages[0]?.id ?? '';
  const last = stages.at(-1)?.id ?? '';
  const safety = safetyOf(stages, parameters, livedAsPlanned(stages, spans), curdPH);
  const { souring } = safety;
  if (souring && souring.share > SLOW_MARGIN) {
    const at = stages[culturedAt(stages, parameters) + 1]?.id ?? last;
    found.push({
      stage: at,
      told: { id: 'slow-souring', sharePct: 100 * souring.share, hours: souring.soursAfterH },
    });
  }
  const stands = standsFrom(stages, parameters);
  for (const [index, minutes] of [
    [stands.from, safety.beforeHotMin],
    [stands.since, safety.warmMin],
  ] as const)
    if (minutes > safety.allowedMin)
      found.push({
        stage: stages[index]?.id ?? last,
        told: { id: 'stands-warm', minutes, allowedMin: safety.allowedMin, hotAgain: index < stands.since },
      });
  const coagulant = stages.find((stage) => takes(stage, parameters, 'coagulant'));
  if (coagulant && method.bag === null) {
    const { homogenised, treatment } = brief.milk;
    const because =
      treatment === 'high-pasteurised' ? 'high-pasteurised' : homogenised ? 'homogenised' : null;
    if (because)
      found.push({
        stage: coagulant.id,
        told: {
          id: 'weak-milk',
          because,
          stretches: stages.some((stage) => does(stage, 'stretches')),
          knife: setsForTheKnife(method),
        },
      });
  }
  if (coagulant && brief.coagulant && saysNothing(productOf(brief.coagulant))) {
    found.push({
      stage: coagulant.id,
      told: {
        id: 'unlabelled',
        what: 'tablet',
        takenFor: USUAL_TABLET_IMCU,
        bowl: setsForTheKnife(method),
      },
    });
  }
  const culture = stages.find((stage) => takes(stage, parameters, 'culture'));
  if (culture && unsaidSachet(brief))
    found.push({
      stage: culture.id,
      told: { id: 'unlabelled', what: 'sachet', takenFor: USUAL_SACHET_L, bowl: false },
    });
  const usual = CASEIN_TO_FAT[method.style];
  const { caseinPct, fatPct } = world.milk.composition;
  const ratio = caseinPct / Math.max(0.01, fatPct);
  if (usual && (ratio < usual[0] || ratio > usual[1]))
    found.push({
      stage: first,
      told: { id: 'casein-fat', ratio: Math.min(ratio, 99), low: usual[0], high: usual[1] },
    });
  const standard = STANDARDS[method.style];
  if (standard) {
    const lean = outcome.fatInDryMatterPct < (standard.leastFatInDryMatterPct ?? 0);
    const wet = outcome.moisturePct > (standard.mostMoisturePct ?? 100);
    if (lean || wet)
      found.push({
        stage: last,
        told: {
          id: 'standard',
          what: standard.what,
          source: standard.source,
          fatInDryMatterPct: lean ? outcome.fatInDryMatterPct : null,
          leastFatInDryMatterPct: lean ? standard.leastFatInDryMatterPct : null,
          moisturePct: lean ? null : outcome.moisturePct,
          mostMoisturePct: lean ? null : standard.mostMoisturePct,
        },
      });
  }
  return found;
}
