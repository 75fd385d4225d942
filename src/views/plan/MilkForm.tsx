import { ACID_KINDS, ACIDS, type AcidKind } from '../../core/acid/acids';
import { BOUNDS } from '../../core/faults/bounds';
import type { Fault } from '../../core/faults/fault';
import {
  crudeProteinPct,
  SPECIES,
  SPECIES_FACTS,
  type Species,
  TREATMENTS,
  type Treatment,
} from '../../core/milk/species';
import type { Quantity } from '../../core/units/format';
import { methodById } from '../../makes';
import { useFormat } from '../../store/hooks';
import { type DraftField, draftChanged, fieldsSet } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { FaultText, NumberField } from '../../ui/parts/NumberField';
import { Segments } from '../../ui/parts/Segments';
import { Select } from '../../ui/parts/Select';
import { Switch } from '../../ui/parts/Switch';
import { faultText } from '../common/faultText';
import { PATHS } from './briefOf';
import { MilkPicker } from './MilkPicker';
import { When } from './When';

const TREATMENT_WORDS: Record<Treatment, string> = {
  raw: 'raw',
  pasteurised: 'pasteurised',
  'high-pasteurised': 'high-pasteurised',
  boiled: 'boiled at home',
  'ultra-heat': 'ultra-heated (long life)',
};

const title = (word: string) => word.charAt(0).toUpperCase() + word.slice(1);

interface FieldSpec {
  label: string;
  bounds: { min: number; max: number };
  step: number;
  quantity?: Quantity;
  unit?: string;
  slide?: { min: number; max: number };
  hint?: string;
  placeholder?: string;
  bare?: boolean;
}

/** What is in the pail, or what is wanted on the table; and the acid that turns it. */
export function MilkForm({ faults }: { faults: readonly Fault[] }) {
  const dispatch = useAppDispatch();
  const draft = useAppSelector((state) => state.draft);
  const kitchen = useAppSelector((state) => state.kitchen);
  const format = useFormat();
  const gallons = kitchen.volume === 'gal';
  const method = methodById(draft.method);

  const field = (name: DraftField, spec: FieldSpec) => {
    const fault = faults.find((one) => one.path === PATHS[name]);
    return (
      <NumberField
        label={spec.label}
        hint={spec.hint}
        value={draft.fields[name].value}
        text={draft.fields[name].text}
        onChange={(next) => dispatch(fieldsSet({ [name]: next }))}
        quantity={spec.quantity ?? 'plain'}
        unit={spec.unit ?? ''}
        units={format.units}
        min={spec.bounds.min}
        max={spec.bounds.max}
        step={spec.step}
        slide={spec.slide}
        bare={spec.bare ?? false}
        {...(spec.placeholder !== undefined && { placeholder: spec.placeholder })}
        fault={fault && faultText(fault, format, spec.quantity, spec.unit)}
      />
    );
  };

  const crude = kitchen.proteinBasis === 'crude';
  const changeSpecies = (species: Species) => {
    const facts = SPECIES_FACTS[species];
    const protein = crude ? crudeProteinPct(facts.proteinPct, species) : facts.proteinPct;
    dispatch(draftChanged({ species, milkId: null }));
    dispatch(
      fieldsSet({
        fatPct: { value: facts.fatPct, text: null },
        proteinPct: { value: Math.round(protein * 100) / 100, text: null },
      }),
    );
  };
  const homogenisedNote = draft.homogenised ? 'Homogenised milk sets finer and drains slower.' : undefined;
  const acidFault = faults.find((one) => one.path === 'acid');
  const otherFaults = faults.filter(
    (one) =>
      one.path !== 'acid' &&
      !one.path.startsWith('options.') &&
      !['start', 'readyBy'].includes(one.path) &&
      !Object.values(PATHS).includes(one.path),
  );

  return (
    <section aria-label="In the pail" className="plate px-5 pt-4 pb-5 lap:self-start">
      <div className="mb-2 flex items-baseline justify-between gap-3">
        <h2 className="text-[23px]">In the pail</h2>
        <Segments
          label="Plan by"
          value={draft.by}
          options={[
            { value: 'litres', text: 'have' },
            { value: 'wantKg', text: 'want' },
          ]}
          onChange={(by) => dispatch(draftChanged({ by }))}
        />
      </div>
      <div className="space-y-2.5 tab:max-lap:columns-2 tab:max-lap:gap-x-8 [&>*]:break-inside-avoid">
        {draft.by === 'litres'
          ? field('litres', {
              label: 'Milk',
              bounds: BOUNDS.litres,
              step: gallons ? 0.25 : 0.5,
              quantity: 'volume',
              slide: { min: 0.5, max: 20 },
            })
          : field('wantKg', {
              label: 'Cheese',
              bounds: BOUNDS.wantKg,
              step: 0.1,
              quantity: 'cheese',
              slide: { min: 0.1, max: 5 },
            })}
        <MilkPicker />
        <Select
          label="Milk of"
          value={draft.species}
          options={SPECIES.map((value) => ({ value, text: title(value) }))}
          onChange={changeSpecies}
        />
        {field('fatPct', {
          label: 'Fat',
          bounds: BOUNDS.fatPct,
          step: 0.1,
          unit: '%',
          slide: { min: 0, max: 8 },
        })}
        {field('proteinPct', {
          label: crude ? 'Protein, as labelled' : 'True protein',
          bounds: BOUNDS.proteinPct,
          step: 0.1,
          unit: '%',
          slide: { min: 2, max: 7 },
        })}
        {field('startC', {
          label: 'Starts at',
          bounds: BOUNDS.startC,
          step: 1,
          quantity: 'temperature',
          slide: { min: 0, max: 40 },
        })}
        <Select
          label="Treated"
          value={draft.treatment}
          options={TREATMENTS.map((value) => ({ value, text: TREATMENT_WORDS[value] }))}
          onChange={(treatment) => dispatch(draftChanged({ treatment, milkId: null }))}
        />
        <Select
          label="Fat globules"
          value={draft.homogenised ? 'yes' : 'no'}
          options={[
            { value: 'no', text: 'cream rises' },
            { value: 'yes', text: 'homogenised' },
          ]}
          onChange={(value) => dispatch(draftChanged({ homogenised: value === 'yes', milkId: null }))}
        />
        {homogenisedNote && <p className="text-sm text-ink-soft">{homogenisedNote}</p>}
        {field('pH', {
          label: 'pH, if measured',
          bounds: BOUNDS.milkPH,
          step: 0.05,
          placeholder: format.pH(6.65),
          bare: true,
        })}
        <div className="stitch pt-3">
          <Select
            label="Acid"
            value={draft.acid}
            options={ACID_KINDS.map((value) => ({ value, text: ACIDS[value].name }))}
            onChange={(acid: AcidKind) => dispatch(draftChanged({ acid }))}
          />
          {ACIDS[draft.acid].defaultStrengthPct !== null && (
            <div className="mt-2">
              {field('strengthPct', {
                label: 'Strength',
                bounds: draft.acid === 'vinegar' ? BOUNDS.vinegarPct : BOUNDS.lacticPct,
                step: 0.5,
                unit: '%',
                hint: 'grams of acid in 100 mL, as the label says',
              })}
            </div>
          )}
          <p className="mt-1 text-sm text-ink-soft">Tastes {ACIDS[draft.acid].taste}.</p>
          {acidFault && <FaultText>{faultText(acidFault, format)}</FaultText>}
        </div>
        {method?.cream && (
          <div className="stitch pt-3">
            <Switch
              label={
                method.cream === 'milk' ? 'Cream stirred into the milk' : 'Dressed with cream at the end'
              }
              on={draft.cream}
              onChange={(cream) => dispatch(draftChanged({ cream }))}
            />
            {draft.cream && (
              <div className="mt-1 space-y-2">
                {field('creamLitres', {
                  label: 'Cream',
                  bounds: BOUNDS.creamLitres,
                  step: 0.05,
                  quantity: 'volume',
                })}
                {field('creamFatPct', { label: 'Its fat', bounds: BOUNDS.creamFatPct, step: 1, unit: '%' })}
              </div>
            )}
          </div>
        )}
        <div className="stitch pt-3">
          {field('pricePerLitre', {
            label: 'Price a litre',
            bounds: BOUNDS.price,
            step: 0.05,
            unit: kitchen.currency,
            placeholder: '–',
            bare: true,
          })}
        </div>
        <When faults={faults} />
        {otherFaults.map((fault) => (
          <FaultText key={fault.path}>{faultText(fault, format)}</FaultText>
        ))}
      </div>
    </section>
  );
}
