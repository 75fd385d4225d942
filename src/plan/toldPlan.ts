import type { Format } from '../core/units/format';
import { givenText } from '../core/units/given';
import { valueText } from '../makes/clauses';
import type { Method } from '../makes/method';
import type { Resolved } from './brief/resolved';
import type { Brief } from './brief/schema';
import { usualFor } from './brief/usual';
import { inHandOf } from './inHand';
import { FAT_WORDS, HEATED_WORDS, KEPT_WORDS, MILK_OF, TREATMENT_WORDS } from './milkWords';
import type { Planned } from './plan';
import type { Dose, Plan } from './schema';
import { sentencesOf, sentenceText } from './sentences';
import { doseText } from './telling';

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
    milk.homogenised ? FAT_WORDS.homogenised : FAT_WORDS.risen,
    `${format.temp(startC)}${pH === undefined ? '' : `; pH ${format.pH(pH)}`}`,
    ...(heat ? [heatText(heat, format)] : []),
    ...(keepWarm ? [`kept warm ${KEPT_WORDS[keepWarm][0]}`] : []),
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

/** A dose in a sentence. Example: “citric acid: 1½ tsp, 7.2 g.” */
function doseLine(dose: Dose, brief: Brief, format: Format): string {
  const given = inHandOf(brief, dose.id);
  const text = doseText(dose, format);
  const said = given ? givenText(given).replaceAll(' ', '\u00a0') : text;
  return `${dose.ingredient}: ${said}${said === text ? '' : `, ${text}`}.`;
}

/** Options that read otherwise than they would for this batch if nobody had said anything. */
function otherThanUsual({ brief }: Plan, method: Method, format: Format): Set<string> {
  const usual = usualFor(brief as Resolved, method, brief.milk.litres ?? 1);
  return new Set(
    Object.entries(method.options).flatMap(([name, option]) => {
      const now = brief.options?.[name];
      const unsaid = usual[name] ?? option.default;
      const same = valueText(option, now, format) === valueText(option, unsaid, format);
      return now === undefined || same ? [] : [name];
    }),
  );
}

/** A plan as one tells it, a sentence a line: the milk, what is weighed out, the stages. */
export function planLines(planned: Planned, method: Method, format: Format): string[] {
  const { plan } = planned;
  return [
    milkText(plan, method, format),
    ...plan.doses.map((dose) => doseLine(dose, plan.brief, format)),
    ...sentencesOf(planned, method, format, otherThanUsual(plan, method, format)).stages.map(sentenceText),
  ];
}
