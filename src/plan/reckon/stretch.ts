import { z } from 'zod';
import { ACID_KINDS, type AcidKind } from '../../core/acid/acids';
import { stretchQuality } from '../../core/stretch/quality';
import { souredBy } from '../../core/stretch/window';
import { computation, type InputSpec, numberIn, refuse } from './computation';

const BY = ['culture', ...ACID_KINDS] as const;
const PH: InputSpec = { label: 'pH of the curd', unit: '', min: 4.5, max: 6.6 };
const CORE: InputSpec = { label: 'core', unit: '°C', min: 40, max: 95 };
const MOISTURE: InputSpec = { label: 'moisture of the curd', unit: '%', min: 35, max: 70, default: 54 };
const FAT: InputSpec = { label: 'fat of the curd', unit: '%', min: 0, max: 45, default: 22 };
const CALCIUM: InputSpec = { label: 'calcium added', unit: 'mmol/L', min: 0, max: 5, default: 0 };
const WORK: InputSpec = { label: 'worked for', unit: 'min', min: 0, max: 60, default: 4 };

export const stretchWindow = computation({
  name: 'stretch-window',
  title: 'Whether curd stretches',
  inputs: {
    soured: { label: 'soured by', unit: '', choices: BY, default: 'culture' },
    pH: PH,
    coreC: CORE,
    moisturePct: MOISTURE,
    fatPct: FAT,
    calciumMmolPerLitre: CALCIUM,
    workMin: WORK,
  },
  outputs: {
    quality: { label: 'stretch', unit: '0 to 1' },
    side: { label: 'the curd', unit: '' },
    fromC: { label: 'flows from a core of', unit: '°C' },
    bestC: { label: 'best at', unit: '°C' },
    mostC: { label: 'worse above', unit: '°C' },
    lowPH: { label: 'window of pH, from', unit: '' },
    highPH: { label: 'window of pH, to', unit: '' },
    fatKept: { label: 'fat kept', unit: 'share of the milk’s' },
  },
  formula:
    'core: 57 °C flows, 66 best, 68 most, each + 0.25 °C per point drier than 70 % in the non-fat substance + 10 °C per pH above the middle + 1.5 °C per mmol/L of calcium; pH 5.5 to 5.75 with citric acid, 5.1 to 5.4 else; fat kept 0.90 − 0.0136 per °C − 0.0023 per min, up to 0.10 less where it tears or melts',
  source: 'common practice and from memory',
  schema: z.strictObject({
    soured: z.enum(BY).default('culture'),
    pH: numberIn(PH),
    coreC: numberIn(CORE),
    moisturePct: numberIn(MOISTURE).default(54),
    fatPct: numberIn(FAT).default(22),
    calciumMmolPerLitre: numberIn(CALCIUM).default(0),
    workMin: numberIn(WORK).default(4),
  }),
  compute({ soured, moisturePct, fatPct, ...curd }) {
    if (moisturePct + fatPct > 95)
      refuse('fatPct', `and moisture make ${moisturePct + fatPct} % together`, 'check both');
    return {
      ...stretchQuality({
        ...curd,
        soured: soured === 'culture' ? 'lactic' : souredBy(soured satisfies AcidKind),
        nonFatMoisturePct: (100 * moisturePct) / (100 - fatPct),
      }),
    };
  },
});
