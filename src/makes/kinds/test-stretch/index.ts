import { z } from 'zod';
import { kindOf } from '../../grammar';
import { saying } from '../../sentence';
import { aside } from '../spans';

const MINUTES = 5;
/** Water for the test, °C. Common practice. */
const WATER_C = 71;

export const testStretch = kindOf<Record<string, never>>({
  kind: 'test-stretch',
  params: z.strictObject({}),
  endedBy: 'test',
  tests: () => ['stretch'],
  mistakes: () => ['over-sour', 'stretch-cold', 'slabs-cold'],
  goal: () => ({ is: 'stretch-test' }),
  uses: () => ['pot'],
  toleranceC: null,
  predict: (_world, _params, pot) => aside(pot, MINUTES),
  words: (_params, { format }) => ({
    ...saying([`Test a piece in water at ${format.temp(WATER_C)}`]),
    action: 'Test it',
    target: format.temp(WATER_C),
    steps: [
      `A piece the size of a walnut, half a minute in water at ${format.temp(WATER_C)}, then pull.`,
      'Tears short and grainy: too early, an hour more under whey. Melts away in strings: go, now.',
    ],
    right: 'It pulls longer than your forearm and shines.',
    normal: 'The first pull is rough; fold it and pull again.',
    done: 'It stretches',
  }),
  cautions: () => ['hot-water'],
});
