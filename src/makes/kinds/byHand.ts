import { spoonsFor } from '../../core/salt/spoons';
import type { Format, Instrument } from '../../core/units/format';

/** Whether the kitchen is without an instrument. */
export const lacks = (what: Instrument, { units }: Format): boolean => units.lacks?.includes(what) === true;

/** What milk, whey or water feels and looks like at a temperature, up to °C. Common practice; from memory. */
const FEELS: readonly (readonly [upToC: number, says: string])[] = [
  [19, 'cold to a clean finger'],
  [27, 'cool to a clean finger, and not cold'],
  [33, 'just cool: a clean finger hardly feels it'],
  [37, 'neither warm nor cool: a clean finger feels nothing'],
  [41, 'plainly warm, and pleasant for as long as you like'],
  [46, 'hot: a clean finger stands it for ten seconds'],
  [52, 'a clean finger stands it for three to five seconds'],
  [60, 'a clean finger stands it for one second, no more'],
  [79, 'steam, and small bubbles on the base; no finger in it now'],
  [89, 'it steams hard, a skin forms as soon as you stop, foam shows at the rim'],
  [110, 'foam gathers all along the rim and begins to climb'],
];
/** How far out a finger or an eye may be, °C. From memory. */
const OFF_C = 3;

/** A temperature told without a thermometer, for kitchens that have none; nothing for the others. */
export function byHand(tempC: number, format: Format): string[] {
  if (!lacks('thermometer', format)) return [];
  const feels = FEELS.find(([upToC]) => tempC <= upToC)?.[1] ?? '';
  return [`Without a thermometer: ${feels}. That is right to ${format.tempStep(OFF_C, 0)} or so either way.`];
}

/** A cup of loose drained curd, g. From memory. */
const CUP_OF_CURD_G = 200;

/** Salt for loose curd told without a scale, for kitchens that have none; nothing for the others. */
export const bySpoon = (percent: number, format: Format): string[] =>
  lacks('scale', format)
    ? [
        `Without a scale: ${spoonsFor('fine salt', (CUP_OF_CURD_G * percent) / 100).text} of fine salt, level, to each cup of loose drained curd.`,
      ]
    : [];
