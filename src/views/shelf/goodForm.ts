import { ACID_KINDS, ACIDS } from '../../core/acid/acids';
import { saidImcu } from '../../core/coagulant/product';
import { imcuOfSoxhlet, soxhletOf } from '../../core/coagulant/strength';
import { readNumber } from '../../core/units/numbers';
import {
  CONDITIONS,
  GOOD_KINDS,
  GOOD_MEASURES,
  type Good,
  type GoodKind,
  STRAINS,
} from '../../kitchen/goods';
import type { Asked, Words } from '../common/asking';
import { knownBy as byWhat } from '../draft/goods';

/** What a kind of good is counted in as a rule. */
export const USUAL_MEASURE: Record<GoodKind, Good['measure']> = {
  acid: 'g',
  coagulant: 'mL',
  culture: 'sachets',
  calcium: 'g',
  salt: 'g',
  lipase: 'g',
};

const FORM_MEASURE: Record<string, Good['measure']> = { liquid: 'mL', tablet: 'tablets', powder: 'g' };

/** What a choice brings with it: another kind, or form of coagulant, is counted otherwise; and a tablet may say nothing of its strength. */
export function bringsWith(key: string, value: string): Words {
  if (key === 'kind') return { measure: USUAL_MEASURE[value as GoodKind] };
  const measure = key === 'form' ? FORM_MEASURE[value] : undefined;
  if (!measure) return {};
  return { measure, knownBy: value === 'tablet' ? 'nothing' : 'strength' };
}

const shown = (value: number | null | undefined) =>
  value === null || value === undefined ? '' : String(value);

/** A good as it stands in its form; a new one with what is usual. */
export function wordsOf(good: Good | undefined): Words {
  const { coagulant, culture, acid } = good ?? {};
  return {
    kind: good?.kind ?? 'coagulant',
    name: good?.name ?? '',
    lot: good?.lot ?? '',
    opened: good?.opened ?? '',
    amount: shown(good?.amount),
    measure: good?.measure ?? 'mL',
    condition: good?.condition ?? 'good',
    allergens: good?.allergens ?? '',
    price: shown(good?.price),
    acidKind: acid?.kind ?? 'citric',
    strengthPct: shown(acid?.strengthPct ?? null),
    form: coagulant?.form ?? 'liquid',
    knownBy: coagulant ? byWhat(coagulant) : 'strength',
    imcu: shown((coagulant && saidImcu(coagulant)) ?? 200),
    soxhlet: '15000',
    setsLitres: shown(coagulant?.setsLitres ?? 50),
    inMin: shown(coagulant?.inMin ?? 40),
    atC: shown(coagulant?.atC ?? 35),
    origin: good?.origin ?? 'microbial',
    cultureForm: culture?.form ?? 'freeze-dried',
    labelLitres: shown(culture?.labelLitresPerSachet ?? culture?.labelLitresPerGram ?? 50),
    strains: culture?.strains ?? '',
    percent: shown(culture?.percent ?? 1.5),
    generation: shown(culture?.generation ?? 1),
  };
}

const IMCU_FIELD = { liquid: 'imcuPerMl', tablet: 'imcuEach', powder: 'imcuPerG' } as const;
export const PER = { liquid: 'mL', tablet: 'tablet', powder: 'g' } as const;

/** How a coagulant's strength is known; no tablet's label says 1 to so much. */
const knownBy = ({ knownBy: by, form }: Words): 'strength' | 'soxhlet' | 'label' | 'nothing' =>
  by === 'label' || (by === 'soxhlet' && form !== 'tablet') || (by === 'nothing' && form === 'tablet')
    ? by
    : 'strength';

const number = (key: string, label: string, unit: string, path?: string): Asked => ({
  key,
  label,
  kind: 'number',
  unit,
  ...(path !== undefined && { path }),
});
const choice = (key: string, label: string, options: Asked['options'] = []): Asked => ({
  key,
  label,
  kind: 'choice',
  options,
});

/** What a good is asked for: what it is first, then what matters for one of its kind. */
export function goodFields(w: Words): readonly Asked[] {
  const form = w.form as keyof typeof IMCU_FIELD;
  const per = PER[form];
  const label = w.measure === 'sachets' ? 'labelLitresPerSachet' : 'labelLitresPerGram';
  return [
    choice('kind', 'It is', GOOD_KINDS),
    { key: 'name', label: 'Name', kind: 'text' },
    ...(w.kind === 'acid'
      ? [
          choice(
            'acidKind',
            'Acid',
            ACID_KINDS.map((value) => ({ value, text: ACIDS[value].name })),
          ),
          ...(w.acidKind === 'vinegar' || w.acidKind === 'lactic'
            ? [number('strengthPct', 'Strength', '%', 'acid.strengthPct')]
            : []),
        ]
      : []),
    ...(w.kind === 'coagulant'
      ? [
          choice('form', 'Form', Object.keys(PER)),
          choice('origin', 'From', ['animal', 'microbial', 'vegetable']),
          choice('knownBy', 'Known by', [
            { value: 'strength', text: 'its strength in IMCU' },
            ...(form === 'tablet' ? [] : [{ value: 'soxhlet', text: 'a strength of 1 to …' }]),
            { value: 'label', text: 'what it sets' },
            ...(form === 'tablet' ? [{ value: 'nothing', text: 'nothing: the usual one' }] : []),
          ]),
          ...{
            strength: [number('imcu', 'Strength', `IMCU/${per}`, `coagulant.${IMCU_FIELD[form]}`)],
            soxhlet: [number('soxhlet', 'Strength 1 to', '', `coagulant.${IMCU_FIELD[form]}`)],
            nothing: [],
            label: [
              number('setsLitres', `1 ${per} sets`, 'L', 'coagulant.setsLitres'),
              number('inMin', 'in', 'min', 'coagulant.inMin'),
              number('atC', 'at', '°C', 'coagulant.atC'),
            ],
          }[knownBy(w)],
        ]
      : []),
    ...(w.kind === 'culture'
      ? [
          choice('strains', 'Strains', [
            { value: '', text: 'not said' },
            ...STRAINS.map((value) => ({ value, text: value.replace('+', ' with ') })),
          ]),
          choice('cultureForm', 'Form', ['freeze-dried', 'liquid', 'saved']),
          w.cultureForm === 'freeze-dried'
            ? number(
                'labelLitres',
                w.measure === 'sachets' ? 'A sachet is for' : 'A gram is for',
                'L',
                `culture.${label}`,
              )
            : number('percent', 'Of the milk', '%', 'culture.percent'),
          ...(w.cultureForm === 'saved'
            ? [number('generation', 'Generation', '', 'culture.generation')]
            : []),
        ]
      : []),
    { key: 'lot', label: 'Lot', kind: 'text' },
    { key: 'opened', label: 'Opened', kind: 'day' },
    number('amount', 'How much', w.measure ?? ''),
    choice('measure', 'Counted in', GOOD_MEASURES),
    choice('condition', 'Condition', CONDITIONS),
    { key: 'allergens', label: 'Allergens', kind: 'text' },
    number('price', 'Price', 'a kg, L or piece'),
  ];
}

/** The good a form stands for, unread; a field that holds no number goes in as it was typed, so that its fault names it. */
export function goodOf(w: Words, id: string): unknown {
  const number = (key: string) => readNumber(w[key] ?? '') ?? w[key];
  const strains = w.strains ? { strains: w.strains } : {};
  const orNull = (key: string) => ((w[key] ?? '').trim() === '' ? null : number(key));
  const form = w.form as keyof typeof IMCU_FIELD;
  const soxhlet = number('soxhlet');
  const ofSoxhlet = typeof soxhlet === 'number' ? imcuOfSoxhlet(soxhletOf(soxhlet)) : soxhlet;
  return {
    id,
    kind: w.kind,
    name: (w.name ?? '').trim(),
    lot: (w.lot ?? '').trim(),
    opened: w.opened === '' ? null : w.opened,
    amount: orNull('amount'),
    measure: w.measure,
    condition: w.condition,
    allergens: (w.allergens ?? '').trim(),
    price: orNull('price'),
    ...(w.kind === 'acid' && { acid: { kind: w.acidKind, strengthPct: orNull('strengthPct') } }),
    ...(w.kind === 'coagulant' && {
      origin: w.origin,
      coagulant:
        knownBy(w) === 'label'
          ? {
              form,
              per: PER[form],
              setsLitres: number('setsLitres'),
              inMin: number('inMin'),
              atC: number('atC'),
            }
          : knownBy(w) === 'nothing'
            ? { form }
            : { form, [IMCU_FIELD[form]]: knownBy(w) === 'strength' ? number('imcu') : ofSoxhlet },
    }),
    ...(w.kind === 'culture' && {
      culture:
        w.cultureForm === 'freeze-dried'
          ? {
              ...strains,
              form: 'freeze-dried',
              [w.measure === 'sachets' ? 'labelLitresPerSachet' : 'labelLitresPerGram']:
                number('labelLitres'),
            }
          : {
              ...strains,
              form: w.cultureForm,
              percent: number('percent'),
              ...(w.cultureForm === 'saved' && { generation: number('generation') }),
            },
    }),
  };
}
