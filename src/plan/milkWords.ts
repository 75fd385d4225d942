import { CUPBOARD_C } from '../core/heat/places';
import type { HeatedBy, KeepWarm } from '../core/heat/warming';
import type { Species, Treatment } from '../core/milk/species';
import type { Format } from '../core/units/format';

/** Whose milk, in a sentence. */
export const MILK_OF: Record<Species, string> = {
  cow: 'cow’s',
  goat: 'goat’s',
  sheep: 'sheep’s',
  buffalo: 'buffalo’s',
};

/** What was done to a milk, in a maker's words. */
export const TREATMENT_WORDS: Record<Treatment, string> = {
  raw: 'raw',
  pasteurised: 'pasteurised',
  'high-pasteurised': 'high-pasteurised',
  boiled: 'boiled at home',
  'ultra-heat': 'ultra-heated (long life)',
};

/** What becomes of its fat while it stands. */
export const FAT_WORDS = { risen: 'cream rising', homogenised: 'homogenised' } as const;

/** What it is warmed by, and what that is like. Common practice. */
export const HEATED_WORDS: Record<HeatedBy, readonly [text: string, reason: string]> = {
  hob: ['on the hob', 'As fast as its power goes; the pot climbs on after it is off.'],
  'water-bath': ['in a double boiler', 'Slow and even; it climbs on but little.'],
  sink: ['in a hot sink', 'Unstirred, half an hour to an hour; hot water enough, or it does not get there.'],
  thermostat: ['in a steady bath', 'Comes to its degree and stays.'],
  roaster: ['in a roaster', 'From all sides, by its rated power.'],
};

/** What keeps it warm off the heat. */
export const KEPT_WORDS: Record<KeepWarm, string> = {
  lid: 'with a lid on',
  towel: 'in a towel',
  blanket: 'in a blanket',
  insulated: 'in an insulated pot',
  cupboard: 'in a warm cupboard',
  bath: 'in its warm bath',
};

/** How well that does it, in the maker's degrees. Common practice. */
export const keptReasons = ({ temp, tempStep }: Format): Record<KeepWarm, string> => ({
  lid: `A bare pot loses about ${tempStep(4.5, 0)} in an hour.`,
  towel: 'About half of what a bare pot loses.',
  blanket: `${tempStep(1, 0)} to ${tempStep(2, 0)} in an hour.`,
  insulated: `Less than ${tempStep(1, 0)} in an hour.`,
  cupboard: `By a boiler, or an oven with its light on: about ${temp(CUPBOARD_C)}, and what is cooler warms up in it.`,
  bath: 'As the bath is.',
});
