import { ACIDS } from '../../core/acid/acids';
import { CURD_STYLES } from '../../core/curd/styles';
import type { ReadyBrief } from '../brief/resolve';
import type { Departure } from '../world';

/** One uncertain input: how far it strays, and what would say it more sharply. */
export interface UncertainInput {
  key: keyof Departure;
  /** As the maker calls it. */
  on: string;
  sharpenBy: string;
  /** Standard deviation of the departure; relative for those whose likely value is one. */
  sd: number;
  relative: boolean;
}

/**
 * The uncertain inputs of an acid-set batch. Spreads are marked from memory: a milk test is good to about 0.1 point, a
 * species' default only to its herds; thermometers stray a degree; styles by their own table.
 */
export function uncertainInputs({ brief, method, given }: ReadyBrief): UncertainInput[] {
  const style = CURD_STYLES[method.style];
  const has = (path: string) => given.has(path);
  return [
    {
      key: 'fatPct',
      on: 'milk fat',
      sharpenBy: 'have the milk tested, or read the fat off its label',
      sd: has('milk.fatPct') ? 0.12 : 0.45,
      relative: false,
    },
    {
      key: 'proteinPct',
      on: 'milk protein',
      sharpenBy: 'have the milk tested, or read the protein off its label',
      sd: has('milk.proteinPct') ? 0.1 : 0.25,
      relative: false,
    },
    {
      key: 'pH',
      on: 'milk pH',
      sharpenBy: 'measure the milk’s pH at 25 °C before you start',
      sd: has('milk.pH') ? 0.02 : 0.05,
      relative: false,
    },
    {
      key: 'acidStrength',
      on: 'acid strength',
      sharpenBy: 'use weighed citric acid, whose strength is known',
      sd: ACIDS[brief.acid.kind].strengthSd,
      relative: true,
    },
    {
      key: 'probeOffC',
      on: 'thermometer',
      sharpenBy: 'check the thermometer in ice water and at the boil',
      sd: 1,
      relative: false,
    },
    { key: 'power', on: 'hob', sharpenBy: 'note two temperatures while it warms', sd: 0.15, relative: true },
    {
      key: 'drainPace',
      on: 'pace of draining',
      sharpenBy: 'weigh the bag once while it drains',
      sd: 0.25,
      relative: true,
    },
    {
      key: 'moisturePct',
      on: 'moisture of the cheese',
      sharpenBy: 'weigh the cheese while it drains and stop by weight',
      sd: style.moistureSd,
      relative: false,
    },
    {
      key: 'fatRetention',
      on: 'fat kept in the curd',
      sharpenBy: 'weigh a few makes: the book learns it',
      sd: 0.015,
      relative: false,
    },
    {
      key: 'caseinRetention',
      on: 'casein kept in the curd',
      sharpenBy: 'weigh a few makes: the book learns it',
      sd: 0.008,
      relative: false,
    },
    {
      key: 'wheyRetention',
      on: 'whey protein caught',
      sharpenBy: 'hold the scald to the minute and weigh what comes of it',
      sd: 0.08,
      relative: true,
    },
  ];
}
