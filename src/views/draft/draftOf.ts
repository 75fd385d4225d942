import { saidImcu } from '../../core/coagulant/product';
import { crudeProteinPct } from '../../core/milk/species';
import type { Given } from '../../core/units/given';
import type { Kitchen } from '../../kitchen/kitchen';
import { type MethodBook, methodById } from '../../makes';
import type { Method } from '../../makes/method';
import { resolveBrief, resolveMilk } from '../../plan/brief/resolve';
import type { Brief } from '../../plan/brief/schema';
import type { GivenDose } from '../../plan/givenDoses';
import { type Draft, FIRST_DRAFT, type FieldValue } from '../../store/slices/draft';
import { knownBy } from './goods';
import { stepsText } from './steps';

const at = (value: number | null | undefined): FieldValue => ({ value: value ?? null, text: null });

const inHand = (dose: GivenDose, given: Given | undefined): Draft['given'] =>
  given === undefined ? {} : { [dose]: { text: String(given.amount), unit: given.unit } };

/** Options that are not what they would be for this batch if nobody had said anything: the rest need not be said again. */
function saidOtherwise(brief: Brief, method: Method): NonNullable<Brief['options']> {
  const ready = resolveBrief({ ...brief, options: {} }, [method]);
  const usual = ready.ok ? ready.value.brief.options : {};
  return Object.fromEntries(
    Object.entries(brief.options ?? {}).filter(
      ([name, value]) => String(value) !== String(usual[name] ?? method.options[name]?.default),
    ),
  );
}

/** The form that stands for a brief, times left behind; what a brief leaves out stands as in a first run. */
export function draftOf(brief: Brief, kitchen: Kitchen, milkId: string | null, methods: MethodBook): Draft {
  const { acid, cream, coagulant, culture, wantKg } = brief;
  const method = methodById(brief.method, methods);
  const whey = method?.of === 'whey';
  const milk = method ? resolveMilk(brief, method) : brief.milk;
  const options = method ? saidOtherwise(brief, method) : (brief.options ?? {});
  const { fields } = FIRST_DRAFT;
  const given = (value: number | undefined, usual: FieldValue) => (value === undefined ? usual : at(value));
  const protein =
    milk.proteinPct !== undefined && kitchen.proteinBasis === 'crude' && !whey
      ? Math.round(crudeProteinPct(milk.proteinPct, milk.species) * 100) / 100
      : milk.proteinPct;
  const strength = coagulant && saidImcu(coagulant);
  return {
    ...FIRST_DRAFT,
    method: brief.method,
    chosen: true,
    milkId,
    species: milk.species,
    treatment: milk.treatment ?? 'pasteurised',
    homogenised: milk.homogenised ?? false,
    by: wantKg === undefined ? 'litres' : 'wantKg',
    acid: acid?.kind ?? 'citric',
    cream: cream !== undefined,
    calcium: Boolean(brief.calcium),
    given: {
      ...inHand('acid', acid?.given),
      ...inHand('coagulant', coagulant?.given),
      ...inHand('culture', culture?.given),
      ...inHand('salt', brief.salt?.given),
      ...inHand('calcium', typeof brief.calcium === 'object' ? brief.calcium.given : undefined),
    },
    saltKind: brief.salt?.kind ?? 'fine',
    heatBy: brief.heat?.by ?? 'hob',
    keepWarm: brief.keepWarm ?? null,
    byClock: brief.asleep !== undefined,
    away: brief.away ?? [],
    coagulantForm: coagulant?.form ?? 'liquid',
    coagulantBy: coagulant ? knownBy(coagulant) : 'strength',
    cultureForm: culture?.form ?? 'freeze-dried',
    cultureLabel:
      culture?.labelLitresPerSachet !== undefined
        ? 'sachet'
        : culture?.labelLitresPerGram !== undefined
          ? 'gram'
          : 'usual',
    fields: {
      ...fields,
      litres: given(milk.litres, fields.litres),
      wantKg: given(wantKg, fields.wantKg),
      ...(whey
        ? {
            wheyFatPct: given(milk.fatPct, fields.wheyFatPct),
            wheyProteinPct: given(protein, fields.wheyProteinPct),
            wheyPH: given(milk.pH, fields.wheyPH),
          }
        : {
            fatPct: given(milk.fatPct, fields.fatPct),
            proteinPct: given(protein, fields.proteinPct),
            // What nobody measured stays unmeasured.
            pH: at(brief.milk.pH),
          }),
      startC: given(milk.startC, fields.startC),
      strengthPct: given(acid?.strengthPct, fields.strengthPct),
      ...(cream && { creamLitres: at(cream.litres), creamFatPct: at(cream.fatPct) }),
      pricePerLitre: at(milk.pricePerLitre),
      strengthImcu: given(strength, fields.strengthImcu),
      ageMonths: given(coagulant?.ageMonths, fields.ageMonths),
      setsLitres: given(coagulant?.setsLitres, fields.setsLitres),
      inMin: given(coagulant?.inMin, fields.inMin),
      atC: given(coagulant?.atC, fields.atC),
      culturePercent: given(culture?.percent, fields.culturePercent),
      ageDays: given(culture?.ageDays, fields.ageDays),
      generation: given(culture?.generation, fields.generation),
      labelLitres: given(culture?.labelLitresPerSachet ?? culture?.labelLitresPerGram, fields.labelLitres),
      heatKw: at(brief.heat?.kW),
      bathLitres: at(brief.heat?.bathLitres),
      bathC: at(brief.heat?.bathC),
    },
    options: {
      [brief.method]: Object.fromEntries(
        Object.entries(options).flatMap(([key, value]) =>
          typeof value === 'number' ? [[key, at(value)]] : [],
        ),
      ),
    },
    choices: {
      [brief.method]: Object.fromEntries(
        Object.entries(options).flatMap(([key, value]) =>
          typeof value === 'number' ? [] : [[key, Array.isArray(value) ? stepsText(value) : value]],
        ),
      ),
    },
  };
}
