import { CALCIUM_DIHYDRATE_MMOL_PER_L } from '../core/coagulant/calcium';
import { toldText } from '../core/safety/told';
import { type StretchQuality, stretchQuality } from '../core/stretch/quality';
import { souredBy } from '../core/stretch/window';
import type { Format } from '../core/units/format';
import { goalOf } from '../makes/asked';
import { type MakeState, stageAt } from './state';
import { curdPHSoFar } from './warm';

export interface StretchAdvice extends StretchQuality {
  pH: number;
  coreC: number;
}

/**
 * On which side of its window a stretch under way stands, by the last core temperature noted in it and the last pH read, or
 * planned. Null without a reading, and for a stage that is no stretch.
 */
export function stretchAdvice(state: MakeState): StretchAdvice | null {
  const stage = stageAt(state);
  const goal = goalOf(stage, state.parameters);
  const core = state.readings.findLast((one) => one.at >= state.stageStartedAt);
  if (goal?.is !== 'stretch' || !core) return null;
  const { brief, predictions } = state.plan;
  const { moisturePct, fatInDryMatterPct } = predictions;
  const fatPct = (fatInDryMatterPct * (100 - moisturePct)) / 100;
  const pH = curdPHSoFar(state);
  return {
    pH,
    coreC: core.tempC,
    ...stretchQuality({
      soured: brief.acid && !brief.culture ? souredBy(brief.acid.kind) : 'lactic',
      pH,
      coreC: core.tempC,
      nonFatMoisturePct: (100 * moisturePct) / (100 - fatPct),
      calciumMmolPerLitre: brief.calcium ? CALCIUM_DIHYDRATE_MMOL_PER_L : 0,
      workMin: goal.workMin,
    }),
  };
}

/** What a stretch's core says of it, in the maker's units. */
export function stretchText(
  { side, pH, lowPH, highPH, fromC, mostC, coreC }: StretchAdvice,
  format: Format,
): string {
  return side === 'stretches'
    ? `At a core of ${format.temp(coreC)} it is in its window, ${format.temp(fromC)} to ${format.temp(mostC)}: pull and fold.`
    : toldText({ id: 'stretch-window', side, pH, lowPH, highPH, fromC, mostC }, format);
}
