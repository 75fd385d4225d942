import type { HeatedBy, KeepWarm } from '../core/heat/warming';
import type { Species, Treatment } from '../core/milk/species';

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

/** What keeps it warm off the heat, and how well. Common practice. */
export const KEPT_WORDS: Record<KeepWarm, readonly [text: string, reason: string]> = {
  lid: ['with a lid on', 'A bare pot loses four or five degrees Celsius in an hour.'],
  towel: ['in a towel', 'About half of that.'],
  blanket: ['in a blanket', 'A degree or two Celsius in an hour.'],
  insulated: ['in an insulated pot', 'Less than a degree Celsius in an hour.'],
  bath: ['in its warm bath', 'As the bath is.'],
};
