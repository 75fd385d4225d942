import type { Format } from '../core/units/format';
import type { Method } from '../makes/method';
import type { Brief } from './brief/schema';
import { FAT_WORDS, HEATED_WORDS, KEPT_WORDS, MILK_OF, TREATMENT_WORDS } from './milkWords';
import type { Plan } from './schema';

/**
 * What is in the pail and how it is warmed, in a sentence. Example: “8.0 L of cow’s milk, 3.9 % fat and 3.4 % protein,
 * pasteurised, cream rising, 4 °C; pH 6.65, in a hot sink of 40.0 L water at 50 °C.”
 */
export function milkText({ brief }: Plan, { of }: Method, format: Format): string {
  const { milk, heat, keepWarm } = brief;
  const { litres = 0, fatPct = 0, proteinPct = 0, pH, treatment = 'pasteurised', startC = 0 } = milk;
  const parts = [
    `${format.litres(litres)} of ${MILK_OF[milk.species]} ${of}`,
    `${format.percent(fatPct, 1)} fat and ${format.percent(proteinPct, of === 'whey' ? 2 : 1)} protein`,
    TREATMENT_WORDS[treatment],
    // The little fat of a whey sets nothing.
    ...(of === 'whey' ? [] : [milk.homogenised ? FAT_WORDS.homogenised : FAT_WORDS.risen]),
    `${format.temp(startC)}${pH === undefined ? '' : `; pH ${format.pH(pH)}`}`,
    ...(heat ? [heatText(heat, format)] : []),
    ...(keepWarm ? [`kept warm ${KEPT_WORDS[keepWarm]}`] : []),
  ];
  return `${parts.join(', ')}.`;
}

function heatText({ by, kW, bathLitres, bathC }: NonNullable<Brief['heat']>, format: Format): string {
  return [
    HEATED_WORDS[by][0],
    ...(bathLitres === undefined ? [] : [`of ${format.litres(bathLitres)} water`]),
    ...(bathC === undefined ? [] : [`at ${format.temp(bathC)}`]),
    ...(kW === undefined ? [] : [`of ${format.number(kW, 1)}\u00a0kW`]),
  ].join(' ');
}
