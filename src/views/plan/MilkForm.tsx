import type { Fault } from '../../core/faults/fault';
import { crudeProteinPct, SPECIES, SPECIES_FACTS, type Species, TREATMENTS } from '../../core/milk/species';
import { methodById } from '../../makes';
import type { Plan } from '../../plan/schema';
import { useFormat } from '../../store/hooks';
import { type DraftField, draftChanged, fieldsSet } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { FaultText } from '../../ui/parts/NumberField';
import { Segments } from '../../ui/parts/Segments';
import { Select } from '../../ui/parts/Select';
import { FIELDS } from '../common/briefOf';
import { capital } from '../common/capital';
import { faultText } from '../common/faultText';
import { TREATMENT_WORDS } from '../common/milkWords';
import { DraftNumber, type DraftNumberProps } from './DraftNumber';
import { Ingredients } from './Ingredients';
import { MilkPicker } from './MilkPicker';
import { When } from './When';

/** What is in the pail, or what is wanted on the table; and what goes into it. */
export function MilkForm({ faults, plan }: { faults: readonly Fault[]; plan: Plan | null }) {
  const dispatch = useAppDispatch();
  const draft = useAppSelector((state) => state.draft);
  const kitchen = useAppSelector((state) => state.kitchen);
  const format = useFormat();
  const gallons = kitchen.volume === 'gal';
  const method = methodById(draft.method);

  const whey = method?.of === 'whey';
  const field = (name: DraftField, spec: Omit<DraftNumberProps, 'name' | 'faults'>) => (
    <DraftNumber name={name} faults={faults} {...spec} />
  );

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
  const shown = new Set([
    ...Object.values(FIELDS).map(({ path }) => path),
    'acid',
    'coagulant',
    'culture',
    'start',
    'readyBy',
  ]);
  const otherFaults = faults.filter(
    (one) => !shown.has(one.path) && !/^(options|coagulant|culture)\.|\.given/.test(one.path),
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
              label: whey ? 'Whey' : 'Milk',
              step: gallons ? 0.25 : 0.5,
              quantity: 'volume',
              slide: { min: 0.5, max: 20 },
            })
          : field('wantKg', {
              label: 'Cheese',
              step: 0.1,
              quantity: 'cheese',
              slide: { min: 0.1, max: 5 },
            })}
        <MilkPicker plan={plan} />
        <Select
          label="Milk of"
          value={draft.species}
          options={SPECIES.map((value) => ({ value, text: capital(value) }))}
          onChange={changeSpecies}
        />
        {field(whey ? 'wheyFatPct' : 'fatPct', {
          label: 'Fat',
          step: 0.1,
          unit: '%',
          slide: whey ? { min: 0, max: 2 } : { min: 0, max: 8 },
        })}
        {field(whey ? 'wheyProteinPct' : 'proteinPct', {
          label: crude && !whey ? 'Protein, as labelled' : 'True protein',
          step: whey ? 0.05 : 0.1,
          unit: '%',
          slide: whey ? { min: 0.2, max: 2 } : { min: 2, max: 7 },
        })}
        {field('startC', {
          label: 'Starts at',
          step: 1,
          quantity: 'temperature',
          slide: { min: 0, max: 40 },
        })}
        <Select
          label="Treated"
          value={draft.treatment}
          options={TREATMENTS.map((value) => ({ value, text: TREATMENT_WORDS[value] }))}
          onChange={(treatment) => dispatch(draftChanged({ treatment }))}
        />
        <Select
          label="Fat globules"
          value={draft.homogenised ? 'yes' : 'no'}
          options={[
            { value: 'no', text: 'cream rises' },
            { value: 'yes', text: 'homogenised' },
          ]}
          onChange={(value) => dispatch(draftChanged({ homogenised: value === 'yes' }))}
        />
        {homogenisedNote && <p className="text-sm text-ink-soft">{homogenisedNote}</p>}
        {whey
          ? field('wheyPH', {
              label: 'pH of the whey',
              step: 0.05,
              bare: true,
              hint: 'above 5.2, or nothing gathers',
            })
          : field('pH', { label: 'pH, if measured', step: 0.05, placeholder: format.pH(6.65), bare: true })}
        {method && <Ingredients method={method} faults={faults} plan={plan} />}
        <div className="stitch pt-3">
          {field('pricePerLitre', {
            label: 'Price a litre',
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
