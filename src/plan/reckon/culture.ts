import { z } from 'zod';
import { bufferOf } from '../../core/acid/buffer';
import { acidify } from '../../core/culture/acidify';
import { CULTURE_GROUPS } from '../../core/culture/fitted';
import { boundedBy } from '../../core/faults/bounds';
import { computation, knownMilk, MILK_INPUT, milkInput, refuse } from './computation';

const hour = boundedBy(0, 336, 'h');

export const acidification = computation({
  name: 'acidification',
  title: 'pH against time',
  inputs: {
    milk: MILK_INPUT,
    culture: {
      label: 'cultures',
      unit: `a list of {group: ${CULTURE_GROUPS.join(' | ')}, cfuPerMl, lagHours}`,
    },
    temps: { label: 'temperature', unit: 'a list of [hour, °C], straight between, flat outside' },
    hours: { label: 'how long', unit: 'h', min: 0.1, max: 336 },
  },
  outputs: { series: { label: 'pH', unit: 'a list of [hour, pH], every 0.1 h and the last hour' } },
  formula:
    'after its lag each group grows: dX/dt = μ γ(T) γ(pH) X (1 − X/Xmax); dL/dt = A dX/dt + B γ(T) γ(pH) X; pH by the charge balance with lactic acid',
  source: 'cardinal models of Rosso et al. 1993 and 1995; rates from memory, acid per cell fitted',
  schema: z.strictObject({
    milk: milkInput,
    culture: z
      .array(
        z.strictObject({
          group: z.enum(CULTURE_GROUPS),
          cfuPerMl: boundedBy(1, 1e9, 'CFU/mL'),
          lagHours: boundedBy(0, 48, 'h'),
        }),
      )
      .min(1, 'give at least one culture')
      .max(6, 'give at most six cultures'),
    temps: z.array(z.tuple([hour, boundedBy(0, 60, '°C')])).min(1, 'give at least one temperature'),
    hours: boundedBy(0.1, 336, 'h'),
  }),
  compute({ milk, culture, temps, hours }) {
    temps.forEach(([at], i) => {
      if (i > 0 && at < (temps[i - 1]?.[0] as number))
        refuse(`temps.${i}`, 'lies before the one above it', 'give the hours in order');
    });
    const { batch, pH0 } = knownMilk(milk);
    return { series: acidify({ milk: bufferOf(batch, pH0), cultures: culture, temps, hours }) };
  },
});
