import { CALCIUM_G_PER_L } from '../core/coagulant/calcium';
import { CURD_STYLES } from '../core/curd/styles';
import { earlyCutLoss, workedPoints } from '../core/curd/syneresis';
import { allowedHours, SOURED_PH } from '../core/safety/slowSouring';
import { MOST_WARM_MIN } from '../core/safety/warmTime';
import { saltedTooEarly } from '../core/salt/dry';
import { type Format, formatter, METRIC } from '../core/units/format';
import { does, takes } from '../makes/asked';
import type { DoseId } from '../makes/grammar';
import { RICOTTA_FROM_C } from '../makes/options';
import type { PlanStage } from '../plan/schema';
import { methodIn } from './frozen';
import { type MakeState, stageAt } from './state';
import { safetySoFar } from './warm';

/** What is asked of how far it went: a difference or a height of temperature, a time, a weight; null where nothing is. */
export type MishapAsks = 'step' | 'temperature' | 'minutes' | 'hours' | 'weight' | null;

/** What can go wrong, in the maker's words, and the one number that says how far, in SI. */
export const MISHAPS = [
  { id: 'overshot', text: 'It got too hot', ask: 'by how many degrees', asks: 'step', usual: 6 },
  { id: 'cooled', text: 'The milk got too cold', ask: 'by how many degrees', asks: 'step', usual: 5 },
  { id: 'no-calcium', text: 'Forgot the calcium', ask: null, asks: null, usual: 0 },
  {
    id: 'cut-early',
    text: 'Cut too early',
    ask: 'minutes before the clean break',
    asks: 'minutes',
    usual: 10,
  },
  {
    id: 'warm-acid',
    text: 'Acid went into warm milk',
    ask: 'at what temperature',
    asks: 'temperature',
    usual: 25,
  },
  { id: 'salted-early', text: 'Salted before it drained', ask: 'weight now', asks: 'weight', usual: 1 },
  { id: 'overdrained', text: 'Left draining too long', ask: 'weight now', asks: 'weight', usual: 1 },
  { id: 'out-of-order', text: 'Did two steps the wrong way round', ask: null, asks: null, usual: 0 },
  { id: 'left-warm', text: 'Left out warm', ask: 'for how many hours', asks: 'hours', usual: 3 },
] as const satisfies readonly {
  id: string;
  text: string;
  ask: string | null;
  asks: MishapAsks;
  usual: number;
}[];
export type MishapId = (typeof MISHAPS)[number]['id'];

/** What to do now, what it costs, and whether it is still food. */
export interface Remedy {
  now: string;
  costs: string;
  discard: boolean;
}

/** Acid goes into milk colder than this, °C. Common practice. */
const COLD_FOR_ACID_C = 15;

const one = (value: number, decimals = 1) => (Math.round(value * 10 ** decimals) / 10 ** decimals).toString();

/** Curd loses this share of its yield's mass for each point of moisture, roughly: 1 / (100 − M). */
const lighter = (points: number, moisturePct: number) => (100 * points) / (100 - moisturePct + points);

/** A mesophilic culture dies above this, and milk takes no harm below that, °C. Common practice. */
const CULTURE_DIES_C = 44;
const MILK_UNHARMED_C = 60;

function tooHot(state: MakeState, byC: number, { temp }: Format): Remedy {
  const stage = stageAt(state);
  const beforeCut = !state.plan.stages.slice(0, state.index).some((one) => does(one, 'cuts'));
  if (does(stage, 'heats-milk') || (beforeCut && !does(stage, 'cooks-curd'))) {
    const culture =
      state.plan.brief.culture && Number(state.plan.brief.options?.setC ?? 0) + byC > CULTURE_DIES_C;
    return {
      now: `Stand the pot in cold water and stir it back down; go on from there.${culture ? ` If the culture was in already, use a fresh one: above ${temp(CULTURE_DIES_C)} it dies.` : ''}`,
      costs: `A few minutes. The milk has taken no harm below ${temp(MILK_UNHARMED_C)}.`,
      discard: false,
    };
  }
  const moisture = state.plan.predictions.moisturePct;
  const style = CURD_STYLES[methodIn(state)?.style ?? 'ricotta'];
  const usual = { cookC: ('cookC' in style.usual ? style.usual.cookC : 40) as number };
  const points = workedPoints(usual, { cookC: usual.cookC + byC });
  return {
    now: 'Turn it off, stir the heat out with a little cool whey, and shorten the stirring: the curd has had its heat already.',
    costs: `About ${one(points)} points less moisture, and so about ${one(lighter(points, moisture), 0)} % less cheese.${byC > 8 ? ' Curd this hot may not knit.' : ''}`,
    discard: false,
  };
}

function cutEarly(state: MakeState, minutesBefore: number): Remedy {
  const wanted = state.plan.predictions.setMin?.likely ?? 40;
  const share = Math.max(0, 1 - minutesBefore / wanted);
  const loss = 100 * earlyCutLoss(share);
  return {
    now: `Leave the cut curd alone for ${one(Math.max(5, minutesBefore), 0)} minutes, lid on, to firm where it lies; then cut no finer and stir with the flat hand.`,
    costs: `Up to ${one(loss, 0)} % of the yield as fat and fines in the whey. Save the whey for a second cooking.`,
    discard: false,
  };
}

function saltedEarly(state: MakeState, kg: number, { grams, kg: kgText }: Format): Remedy {
  const salted = state.plan.doses.find((dose) => dose.id === 'salt')?.grams ?? 0;
  const percent = Number(state.plan.brief.options?.saltPct ?? 1);
  const before = Math.max(kg * 1.05, state.plan.predictions.yieldKg.likely * 1.5);
  const { lostGrams, topUpGrams } = saltedTooEarly(salted, { kg: before, moisturePct: 82 }, kg, percent);
  return {
    now: `Let it drain out, weigh it, and strew ${grams(topUpGrams)} more salt for ${kgText(kg)}. Taste before the last of it.`,
    costs: `About ${grams(lostGrams)} of salt went with the whey: too salty for a second cooking.`,
    discard: false,
  };
}

function overdrained(state: MakeState, kg: number, { grams }: Format): Remedy {
  const goal = state.plan.predictions.yieldKg.likely;
  const missing = Math.max(0, goal - kg) * 1000;
  return {
    now:
      missing < 5
        ? 'It weighs what was planned: nothing to mend.'
        : `Work ${grams(missing)} of its own whey, milk or cream back in, a spoonful at a time, and rest it an hour.`,
    costs: 'A grainier bite. If it stood warm as well, look at “left out warm”.',
    discard: false,
  };
}

/** What two steps the wrong way round do depends on which came too soon: by the stage the make stands at. */
function outOfOrder(state: MakeState): Remedy {
  const { stages } = state.plan;
  const stage = stageAt(state);
  const going = (what: DoseId) => (one: PlanStage) => takes(one, state.parameters, what);
  const still = (which: (one: PlanStage) => boolean) => stages.findIndex(which) >= state.index;
  if ((going('culture')(stage) || does(stage, 'ripens')) && state.plan.brief.acid)
    return {
      now: 'Acid before the culture: stir the culture in now all the same, and read the pH every half hour: the milk starts nearer its goal.',
      costs: 'Less flavour, and a shorter souring than planned. Nothing unsafe.',
      discard: false,
    };
  if (still(going('calcium')) && !still(going('coagulant')))
    return {
      now: 'Coagulant before the calcium: leave the calcium out. Stirred into a set milk it would only break it.',
      costs: 'A softer curd: give the set a quarter longer and cut larger.',
      discard: false,
    };
  if (does(stage, 'heats-milk') && stages.some(going('coagulant')))
    return {
      now: 'Coagulant in cold milk: warm it on gently without stirring more than you must, and stop as soon as the bowl stands still; what has set will not be warmed through.',
      costs:
        'A set that is firm below and soft above. Cut it in large pieces and let them heal twice as long.',
      discard: false,
    };
  if (going('salt')(stage) || does(stage, 'presses') || does(stage, 'brines'))
    return {
      now: still((one) => does(one, 'presses'))
        ? 'Salted before the press: press it all the same, a third longer, and taste before you brine or salt again.'
        : 'Brined or pressed before the salt: weigh it, salt the surface with half of what was planned, and taste tomorrow.',
      costs: 'A drier rind and an uneven bite for the first day or two.',
      discard: false,
    };
  return {
    now: `Do what was passed over now, if the curd still lets you; then stand at the stage it has reached with “Out of turn”.`,
    costs: 'Write down which two it were: the book will show what they did to the weight.',
    discard: false,
  };
}

/** What shows that a culture has done its work. */
function guardedBy(state: MakeState, { pH }: Format): string {
  const read = state.pHs.at(-1)?.pH;
  return read !== undefined && read <= SOURED_PH
    ? `At pH ${pH(read)} its culture has guarded it.`
    : 'It has set and soured as it should: its culture has guarded it.';
}

/** Warm curd that no culture guards is past it after this, h. From memory, cautious. */
const UNGUARDED_H = 4;

/** Left out for so many hours: the same rule of slow souring and warm time as the plan's and the pot's. */
function leftWarm(state: MakeState, hours: number, format: Format): Remedy {
  const souring = safetySoFar(state, state.stageStartedAt)?.souring ?? null;
  const read = state.pHs.at(-1)?.pH;
  const sour = souring !== null && souring.soursAfterH !== null;
  if (sour || (read !== undefined && souring !== null && read <= SOURED_PH))
    return {
      now: 'It has soured as it should: carry on, cool it as soon as it is done.',
      costs: `${guardedBy(state, format)} Flavour a little sharper.`,
      discard: false,
    };
  if (hours * 60 <= MOST_WARM_MIN)
    return {
      now: 'Into the cold at once, shallow and covered.',
      costs: `Nothing yet: up to ${format.minutes(MOST_WARM_MIN)} in all.`,
      discard: false,
    };
  const allowedH = souring
    ? Math.max(0, 1 - souring.share) * allowedHours(state.plan.brief.roomC ?? 20)
    : UNGUARDED_H;
  const unsafe = hours > allowedH;
  return {
    now: unsafe
      ? 'Throw it out. Do not taste it; heating does not make it safe.'
      : 'Into the cold at once, and eat it today, thoroughly heated.',
    costs: unsafe
      ? `More than ${format.minutes(allowedH * 60)} warm${souring ? ` and not known to be at pH ${format.number(SOURED_PH, 1)} or below` : ''}: staphylococci may have made a toxin that heat does not remove.`
      : 'Its days in the fridge are used up. Not for pregnant, very young, old or ill people.',
    discard: unsafe,
  };
}

/**
 * What a mishap asks for now, with numbers from this batch. `amount` is what was asked, in SI: °C, min, h, kg; the words are in
 * the maker's units.
 */
export function remedyFor(
  state: MakeState,
  id: MishapId,
  amount: number,
  format: Format = formatter(METRIC),
): Remedy {
  switch (id) {
    case 'overshot':
      return tooHot(state, amount, format);
    case 'cooled':
      return {
        now: `Warm it gently back by ${format.tempStep(amount)}, stirring from the base, and go on; a set under way is left standing and only wrapped.`,
        costs: does(stageAt(state), 'sets')
          ? `The set takes about ${one(100 * (Math.exp(0.105 * amount) - 1), 0)} % longer for every minute it stood that cold.`
          : 'Time, and nothing else.',
        discard: false,
      };
    case 'no-calcium': {
      const litres = state.plan.brief.milk.litres ?? 0;
      const in_ = state.plan.stages
        .slice(0, state.index)
        .some((stage) => takes(stage, state.parameters, 'coagulant'));
      return in_
        ? {
            now: 'Too late to stir it in. Give the set a quarter longer, cut larger, and handle it gently.',
            costs: 'A softer curd; a little more fat in the whey.',
            discard: false,
          }
        : {
            now: `Stir ${format.grams(CALCIUM_G_PER_L * litres)} of calcium chloride, dissolved in ${format.millilitres(20 * CALCIUM_G_PER_L * litres)} of cool water, into the milk now; wait five minutes before the coagulant.`,
            costs: 'Nothing.',
            discard: false,
          };
    }
    case 'cut-early':
      return cutEarly(state, amount);
    case 'warm-acid':
      return {
        now:
          amount >= 30
            ? `If it has flecked all through, take it to ${format.temp(RICOTTA_FROM_C)} and make ricotta of it. If only where the stream went in, stir, strain the flecks, and go on.`
            : `Stir fast, strain out the flecks, and go on with the rest of the acid only when the milk is below ${format.temp(COLD_FOR_ACID_C)}.`,
        costs: amount >= 30 ? 'This cheese, but not the milk.' : 'A few per cent of the yield.',
        discard: false,
      };
    case 'out-of-order':
      return outOfOrder(state);
    case 'salted-early':
      return saltedEarly(state, amount, format);
    case 'overdrained':
      return overdrained(state, amount, format);
    case 'left-warm':
      return leftWarm(state, amount, format);
  }
}
