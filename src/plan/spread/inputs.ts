import { ACIDS } from '../../core/acid/acids';
import { productOf, saysNothing } from '../../core/coagulant/product';
import { CURD_STYLES } from '../../core/curd/styles';
import { setsForTheKnife } from '../../makes/method';
import { type Belief, mostStray, ONLY_LEARNED, strayOf } from '../belief';
import type { ReadyBrief } from '../brief/resolve';
import { unsaidSachet } from '../given';
import type { Departure } from '../world';

/** Whey carries a fifth of the milk’s fat and protein, and strays as much less. From memory. */
const WHEY_STRAYS = 0.2;

/** How far a coagulant is from what it says of itself, from what its label says it sets, and from the usual one where it says nothing. From memory. */
const strengthSd = (coagulant: NonNullable<ReadyBrief['brief']['coagulant']>): number =>
  saysNothing(productOf(coagulant)) ? 0.35 : coagulant.setsLitres === undefined ? 0.1 : 0.25;

/** One uncertain input: how far it strays, and what would say it more sharply. */
export interface UncertainInput {
  key: keyof Departure;
  /** As the maker calls it. */
  on: string;
  sharpenBy: string;
  /** Standard deviation of the departure, of its logarithm for those whose likely value is one. */
  sd: number;
}

/**
 * The uncertain inputs of a batch. Spreads are marked from memory: a milk test is good to about 0.1 point, a
 * species' default only to its herds; thermometers stray a degree; styles by their own table.
 */
export function uncertainInputs(ready: ReadyBrief, belief: Belief = {}): UncertainInput[] {
  const inputs = plainInputs(ready).map((input) => ({
    ...input,
    sd: strayOf(belief, input.key) ?? Math.min(input.sd, mostStray(belief, input.key)),
  }));
  for (const [quantity, key, on, sharpenBy] of ONLY_LEARNED) {
    const sd = belief[quantity] && strayOf(belief, key);
    if (sd && !inputs.some((input) => input.key === key)) inputs.push({ key, on, sharpenBy, sd });
  }
  return inputs;
}

function plainInputs({ brief, method, given }: ReadyBrief): UncertainInput[] {
  const style = CURD_STYLES[method.style];
  const has = (path: string) => given.has(path);
  // Nobody sells whey with a label.
  const tested = (what: string) =>
    method.of === 'whey' ? 'have the whey tested' : `have the milk tested, or read the ${what} off its label`;
  const inputs: UncertainInput[] = [
    {
      key: 'fatPct',
      on: `${method.of} fat`,
      sharpenBy: tested('fat'),
      sd: (has('milk.fatPct') ? 0.12 : 0.45) * (method.of === 'whey' ? WHEY_STRAYS : 1),
    },
    {
      key: 'proteinPct',
      on: `${method.of} protein`,
      sharpenBy: tested('protein'),
      sd: (has('milk.proteinPct') ? 0.1 : 0.25) * (method.of === 'whey' ? WHEY_STRAYS : 1),
    },
    {
      key: 'pH',
      on: `${method.of} pH`,
      sharpenBy: `measure the ${method.of}’s pH at 25 °C before you start`,
      sd: has('milk.pH') ? 0.02 : 0.05,
    },
    {
      key: 'probeOffC',
      on: 'thermometer',
      sharpenBy: 'check the thermometer in ice water and at the boil',
      sd: 1,
    },
    { key: 'power', on: 'hob', sharpenBy: 'note two temperatures while it warms', sd: 0.15 },
    {
      key: 'moisturePct',
      on: 'moisture of the cheese',
      sharpenBy:
        method.drain || method.bag
          ? 'weigh the cheese while it drains and stop by weight'
          : 'weigh what comes out, and keep to the cut and the cook',
      sd: style.moistureSd,
    },
    {
      key: 'fatRetention',
      on: 'fat kept in the curd',
      sharpenBy: 'weigh a few makes: the book learns it',
      sd: 0.015,
    },
    {
      key: 'caseinRetention',
      on: 'casein kept in the curd',
      sharpenBy: 'weigh a few makes: the book learns it',
      sd: 0.008,
    },
    {
      key: 'wheyRetention',
      on: 'whey protein caught',
      sharpenBy: 'keep to the heat and its minutes, and weigh what comes of it',
      sd: 0.08,
    },
  ];
  if (brief.acid && method.acid !== null) {
    inputs.push({
      key: 'acidStrength',
      on: 'acid strength',
      sharpenBy:
        brief.acid.kind === 'citric'
          ? 'weigh it to the tenth of a gram'
          : 'use weighed citric acid, whose strength is known',
      sd: ACIDS[brief.acid.kind].strengthSd,
    });
  }
  if (brief.coagulant) {
    inputs.push({
      key: 'coagulantStrength',
      on: 'coagulant strength',
      sharpenBy: setsForTheKnife(method)
        ? 'note when the bowl stops turning: the flocculation time says how strong it is'
        : 'take one whose label says how strong it is',
      sd: strengthSd(brief.coagulant) + 0.01 * (brief.coagulant.ageMonths ?? 0),
    });
  }
  if (brief.culture) {
    inputs.push({
      key: 'cultureActivity',
      on: 'culture activity',
      sharpenBy: 'measure the pH once after four hours',
      sd: brief.culture.form === 'saved' || unsaidSachet(brief) ? 0.6 : 0.35,
    });
  }
  if (method.drain || method.bag) {
    inputs.push({
      key: 'drainPace',
      on: 'pace of draining',
      sharpenBy: 'weigh it once while it drains',
      sd: 0.25,
    });
  }
  inputs.push({
    key: 'roomC',
    on: 'room temperature',
    sharpenBy: 'hang a thermometer where the pot stands, and look at night',
    sd: has('roomC') ? 1 : 2,
  });
  return inputs;
}
