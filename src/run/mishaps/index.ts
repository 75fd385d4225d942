import { type Format, formatter, METRIC } from '../../core/units/format';
import { stageKind } from '../../makes/kinds';
import { MISTAKES, type MistakeId } from '../../makes/mistakes';
import { together } from '../borne';
import { type MakeState, type MishapCosts, stageAt } from '../makeState';
import { CURD } from './curd';
import { DOSES } from './doses';
import { DRAINED } from './drained';
import { HEAT } from './heat';
import { HOT } from './hot';
import { KEEPING } from './keeping';
import { MILK } from './milk';
import { type Answers, type Ask, inPot, type Mishap, type Remedy } from './mishap';
import { ORDER } from './order';
import { SALT } from './salt';

export { mishapEvent } from './event';
export type { Answers, Ask, Asks, Remedy } from './mishap';

/** What to know and to do of each. */
export const MISHAPS: Readonly<Record<MistakeId, Mishap>> = {
  ...MILK,
  ...DOSES,
  ...HEAT,
  ...CURD,
  ...DRAINED,
  ...HOT,
  ...SALT,
  ...KEEPING,
  ...ORDER,
};

/** What can go wrong at the stage a make stands at: what its kind names, where it can have happened in this make. */
export function mishapsAt(state: MakeState): MistakeId[] {
  const stage = stageAt(state);
  const named = stageKind(stage.kind).mistakes(state.parameters[stage.id]);
  return MISTAKES.filter((id) => named.includes(id) && (MISHAPS[id].can?.(state) ?? true));
}

/** What a question is answered with where nobody has said anything yet. */
export const usualAnswer = (ask: Ask, state: MakeState): number | string =>
  'choices' in ask
    ? (ask.choices[0] as string)
    : typeof ask.usual === 'number'
      ? ask.usual
      : ask.usual(state);

/**
 * What a mishap asks for now, with numbers from this batch. `answers` by question, in SI: °C, min, h, kg, g, L, mm, %; what is
 * not answered counts as usual. The words are in the maker's units.
 *
 * @example remedyFor(state, 'cut-early', { min: 20 }).now // 'Leave the cut curd alone for 20 min, …'
 */
export function remedyFor(
  state: MakeState,
  id: MistakeId,
  answers: Answers = {},
  format: Format = formatter(METRIC),
): Remedy {
  const mishap = MISHAPS[id];
  const answer = (name: string) => {
    const ask = mishap.asks.find((one) => one.id === name);
    if (!ask) throw new Error(`${id} does not ask ${name}`);
    return answers[name] ?? usualAnswer(ask, state);
  };
  const remedy = mishap.remedy({
    state,
    format,
    number: (name) => Number(answer(name)),
    choice: (name) => String(answer(name)),
  });
  return { ...remedy, now: inPot(state, remedy.now), why: inPot(state, remedy.why) };
}

/** A mishap in the words of a make, and what is to be known of it. */
export function askedOf(state: MakeState, id: MistakeId): Pick<Mishap, 'text' | 'asks'> {
  const { text, asks } = MISHAPS[id];
  return {
    text: inPot(state, text),
    asks: asks.map((ask: Ask): Ask => ({ ...ask, text: inPot(state, ask.text) })),
  };
}

/** What a remedy costs, in words: moisture, fat, yield, and what else there is to say. */
export function costsText({ costs, why }: Pick<Remedy, 'costs' | 'why'>, format: Format): string {
  const { moisturePoints, fatShare, yieldShare } = costs;
  const parts = [
    Math.abs(moisturePoints) >= 0.1
      ? `about ${format.number(Math.abs(moisturePoints), 1)} points ${moisturePoints < 0 ? 'less' : 'more'} moisture`
      : '',
    fatShare <= -0.005 ? `${format.percent(Math.round(-100 * fatShare))} of the fat` : '',
    Math.abs(yieldShare) >= 0.005 && yieldShare > -1
      ? `about ${format.percent(Math.round(100 * Math.abs(yieldShare)))} ${yieldShare < 0 ? 'less' : 'more'} cheese`
      : '',
  ].filter(Boolean);
  const said = parts.join(', ');
  const sentence = said === '' ? '' : `${said[0]?.toUpperCase()}${said.slice(1)}.`;
  return [sentence, why].filter(Boolean).join(' ') || 'Nothing.';
}

/** All that has gone wrong so far, as one. */
export const costsSoFar = (state: MakeState): MishapCosts => together(state.mishaps.map((one) => one.costs));
