import { CURD_STYLES } from '../core/curd/styles';
import { earlyCutLoss, workedPoints } from '../core/curd/syneresis';
import { allowedHours, SOURED_PH } from '../core/safety/slowSouring';
import { MOST_WARM_MIN } from '../core/safety/warmTime';
import { saltedTooEarly } from '../core/salt/dry';
import { does, goalOf, takes } from '../makes/asked';
import type { DoseId } from '../makes/grammar';
import type { PlanStage } from '../plan/schema';
import { methodIn } from './frozen';
import { type MakeState, stageAt } from './state';

/** What can go wrong, in the maker's words, and the one number that says how far. */
export const MISHAPS = [
  { id: 'overshot', text: 'It got too hot', ask: 'by how many degrees', unit: '°C', usual: 6 },
  { id: 'cooled', text: 'The milk got too cold', ask: 'by how many degrees', unit: '°C', usual: 5 },
  { id: 'no-calcium', text: 'Forgot the calcium', ask: null, unit: '', usual: 0 },
  { id: 'cut-early', text: 'Cut too early', ask: 'minutes before the clean break', unit: 'min', usual: 10 },
  { id: 'warm-acid', text: 'Acid went into warm milk', ask: 'at what temperature', unit: '°C', usual: 25 },
  { id: 'salted-early', text: 'Salted before it drained', ask: 'weight now', unit: 'kg', usual: 1 },
  { id: 'overdrained', text: 'Left draining too long', ask: 'weight now', unit: 'kg', usual: 1 },
  { id: 'out-of-order', text: 'Did two steps the wrong way round', ask: null, unit: '', usual: 0 },
  { id: 'left-warm', text: 'Left out warm', ask: 'for how many hours', unit: 'h', usual: 3 },
] as const;
export type MishapId = (typeof MISHAPS)[number]['id'];

/** What to do now, what it costs, and whether it is still food. */
export interface Remedy {
  now: string;
  costs: string;
  discard: boolean;
}

const one = (value: number, decimals = 1) => (Math.round(value * 10 ** decimals) / 10 ** decimals).toString();

/** Curd loses this share of its yield's mass for each point of moisture, roughly: 1 / (100 − M). */
const lighter = (points: number, moisturePct: number) => (100 * points) / (100 - moisturePct + points);

function tooHot(state: MakeState, byC: number): Remedy {
  const stage = stageAt(state);
  const beforeCut = !state.plan.stages.slice(0, state.index).some((one) => does(one, 'cuts'));
  if (does(stage, 'heats-milk') || (beforeCut && !does(stage, 'cooks-curd'))) {
    const culture = state.plan.brief.culture && Number(state.plan.brief.options?.setC ?? 0) + byC > 44;
    return {
      now: `Stand the pot in cold water and stir it back down; go on from there.${culture ? ' If the culture was in already, use a fresh one: above 44 °C it dies.' : ''}`,
      costs: 'A few minutes. The milk has taken no harm below 60 °C.',
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

function saltedEarly(state: MakeState, kg: number): Remedy {
  const salted = state.plan.doses.find((dose) => dose.id === 'salt')?.grams ?? 0;
  const percent = Number(state.plan.brief.options?.saltPct ?? 1);
  const before = Math.max(kg * 1.05, state.plan.predictions.yieldKg.likely * 1.5);
  const { lostGrams, topUpGrams } = saltedTooEarly(salted, { kg: before, moisturePct: 82 }, kg, percent);
  return {
    now: `Let it drain out, weigh it, and strew ${one(topUpGrams)} g more salt for ${one(kg, 2)} kg. Taste before the last of it.`,
    costs: `About ${one(lostGrams)} g of salt went with the whey: too salty for a second cooking.`,
    discard: false,
  };
}

function overdrained(state: MakeState, kg: number): Remedy {
  const goal = state.plan.predictions.yieldKg.likely;
  const missing = Math.max(0, goal - kg) * 1000;
  return {
    now:
      missing < 5
        ? 'It weighs what was planned: nothing to mend.'
        : `Work ${one(missing, 0)} g of its own whey, milk or cream back in, a spoonful at a time, and rest it an hour.`,
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

/** What shows that a culture has done its work: a pH, or a set that was left to its pH and passed. */
function souredBy(state: MakeState): string | null {
  const read = state.pHs.at(-1)?.pH;
  if (read !== undefined)
    return read <= SOURED_PH ? `At pH ${one(read, 2)} its culture has guarded it.` : null;
  const passed = state.plan.stages
    .slice(0, state.index)
    .some((stage) => goalOf(stage, state.parameters)?.is === 'pH');
  return passed ? 'It has set and soured as it should: its culture has guarded it.' : null;
}

/** Warm curd that no culture guards is past it after this, h. From memory, cautious. */
const UNGUARDED_H = 4;

function leftWarm(state: MakeState, hours: number): Remedy {
  const cultured = state.plan.brief.culture !== undefined;
  const guarded = cultured ? souredBy(state) : null;
  if (guarded)
    return {
      now: 'It has soured as it should: carry on, cool it as soon as it is done.',
      costs: `${guarded} Flavour a little sharper.`,
      discard: false,
    };
  if (hours * 60 <= MOST_WARM_MIN)
    return {
      now: 'Into the cold at once, shallow and covered.',
      costs: 'Nothing yet: up to two hours in all.',
      discard: false,
    };
  const roomC = state.plan.brief.roomC ?? 20;
  const allowedH = cultured ? allowedHours(roomC) : UNGUARDED_H;
  const unsafe = hours > allowedH;
  return {
    now: unsafe
      ? 'Throw it out. Do not taste it; heating does not make it safe.'
      : 'Into the cold at once, and eat it today, thoroughly heated.',
    costs: unsafe
      ? `More than ${one(allowedH, 0)} hours warm${cultured ? ` and not known to be at pH ${SOURED_PH} or below` : ''}: staphylococci may have made a toxin that heat does not remove.`
      : 'Its days in the fridge are used up. Not for pregnant, very young, old or ill people.',
    discard: unsafe,
  };
}

/** What a mishap asks for now, with numbers from this batch. `amount` is what was asked, in the mishap's own unit. */
export function remedyFor(state: MakeState, id: MishapId, amount: number): Remedy {
  switch (id) {
    case 'overshot':
      return tooHot(state, amount);
    case 'cooled':
      return {
        now: `Warm it gently back by ${one(amount)} °C, stirring from the base, and go on; a set under way is left standing and only wrapped.`,
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
            now: `Stir ${one(0.2 * litres)} g of calcium chloride, dissolved in ${one(4 * litres, 0)} mL of cool water, into the milk now; wait five minutes before the coagulant.`,
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
            ? 'If it has flecked all through, take it to 80 °C and make ricotta of it. If only where the stream went in, stir, strain the flecks, and go on.'
            : 'Stir fast, strain out the flecks, and go on with the rest of the acid only when the milk is below 15 °C.',
        costs: amount >= 30 ? 'This cheese, but not the milk.' : 'A few per cent of the yield.',
        discard: false,
      };
    case 'out-of-order':
      return outOfOrder(state);
    case 'salted-early':
      return saltedEarly(state, amount);
    case 'overdrained':
      return overdrained(state, amount);
    case 'left-warm':
      return leftWarm(state, amount);
  }
}
