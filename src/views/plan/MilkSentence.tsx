import type { Fault } from '../../core/faults/fault';
import { crudeProteinPct, SPECIES, SPECIES_FACTS, type Species, TREATMENTS } from '../../core/milk/species';
import type { Method } from '../../makes/method';
import { FAT_WORDS, MILK_OF, TREATMENT_WORDS } from '../../plan/milkWords';
import type { Plan } from '../../plan/schema';
import { useFormat } from '../../store/hooks';
import { draftChanged, FIRST_DRAFT, fieldsSet } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { FaultText } from '../../ui/parts/NumberField';
import { SayPick } from '../../ui/say/SayPick';
import { FIELDS } from '../common/briefOf';
import { faultText } from '../common/faultText';
import { DraftNumber, DraftSay } from './DraftNumber';
import { HeatSays } from './HeatSays';
import { KeepMilk, MilkShort, useMilkPick } from './MilkPicker';
import { PotSays } from './PotPicker';
import { WhenSays } from './When';

/** Faults that stand at a value of the sentence; the rest are told beneath it. */
const AT_A_VALUE = new Set([
  ...Object.values(FIELDS).map(({ path }) => path),
  'acid',
  'coagulant',
  'culture',
  'start',
  'readyBy',
]);

/** What is in the pail, or what is wanted on the table; when, and in and on what: a sentence whose values one changes. */
export function MilkSentence({
  method,
  faults,
  plan,
}: {
  method: Method | undefined;
  faults: readonly Fault[];
  plan: Plan | null;
}) {
  const dispatch = useAppDispatch();
  const format = useFormat();
  const draft = useAppSelector((state) => state.draft);
  const kitchen = useAppSelector((state) => state.kitchen);
  const whey = method?.of === 'whey';
  const crude = kitchen.proteinBasis === 'crude';
  const from = useMilkPick();
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
  const price = (
    <DraftNumber
      name="pricePerLitre"
      label="Price a litre"
      step={0.05}
      unit={kitchen.currency}
      placeholder="–"
      bare
      faults={faults}
    />
  );
  const otherFaults = faults.filter(
    (one) =>
      !AT_A_VALUE.has(one.path) && !/^(options|acid|coagulant|culture|calcium)\.|\.given/.test(one.path),
  );
  return (
    <section aria-label="In the pail" className="sentence mt-1">
      <SayPick
        label="Plan by"
        value={draft.by}
        said={draft.by !== FIRST_DRAFT.by}
        options={[
          { value: 'litres', text: 'I have', reason: 'What comes of the milk that is there.' },
          { value: 'wantKg', text: 'I want', reason: 'How much milk that takes.' },
        ]}
        onChange={(by) => dispatch(draftChanged({ by }))}
      />{' '}
      {draft.by === 'litres' ? (
        <DraftSay
          name="litres"
          label={whey ? 'Whey' : 'Milk'}
          step={kitchen.volume === 'gal' ? 0.25 : 0.5}
          quantity="volume"
          slide={{ min: 0.5, max: 20 }}
          faults={faults}
        >
          {price}
        </DraftSay>
      ) : (
        <>
          <DraftSay
            name="wantKg"
            label="Cheese"
            step={0.1}
            quantity="cheese"
            slide={{ min: 0.1, max: 5 }}
            faults={faults}
          >
            {price}
          </DraftSay>{' '}
          of cheese, out
        </>
      )}{' '}
      of{' '}
      <SayPick
        label="Milk of"
        value={draft.species}
        reads={MILK_OF[draft.species]}
        said={draft.species !== FIRST_DRAFT.species}
        options={SPECIES.map((value) => ({ value, text: MILK_OF[value] }))}
        onChange={changeSpecies}
      />{' '}
      {whey ? 'whey' : 'milk'}
      {from.options.length > 1 && (
        <>
          {' '}
          from <SayPick label="From" said={from.value !== ''} {...from} />
        </>
      )}
      ,{' '}
      <DraftSay
        name={whey ? 'wheyFatPct' : 'fatPct'}
        label="Fat"
        step={0.1}
        unit="%"
        slide={whey ? { min: 0, max: 2 } : { min: 0, max: 8 }}
        faults={faults}
      />{' '}
      fat and{' '}
      <DraftSay
        name={whey ? 'wheyProteinPct' : 'proteinPct'}
        label={crude && !whey ? 'Protein, as labelled' : 'True protein'}
        step={whey ? 0.05 : 0.1}
        unit="%"
        slide={whey ? { min: 0.2, max: 2 } : { min: 2, max: 7 }}
        faults={faults}
      />{' '}
      protein,{' '}
      <SayPick
        label="Treated"
        value={draft.treatment}
        said={draft.treatment !== FIRST_DRAFT.treatment}
        options={TREATMENTS.map((value) => ({ value, text: TREATMENT_WORDS[value] }))}
        onChange={(treatment) => dispatch(draftChanged({ treatment }))}
      />
      ,{' '}
      <SayPick
        label="Fat globules"
        value={draft.homogenised ? 'yes' : 'no'}
        said={draft.homogenised}
        options={[
          { value: 'no', text: FAT_WORDS.risen },
          { value: 'yes', text: FAT_WORDS.homogenised, reason: 'Sets finer and drains slower.' },
        ]}
        onChange={(value) => dispatch(draftChanged({ homogenised: value === 'yes' }))}
      />
      ,{' '}
      <DraftSay
        name="startC"
        label="Starts at"
        step={1}
        quantity="temperature"
        slide={{ min: 0, max: 40 }}
        faults={faults}
      />
      ;{' '}
      {whey ? (
        <>
          its pH{' '}
          <DraftSay
            name="wheyPH"
            label="pH of the whey"
            step={0.05}
            hint="Above 5.2, or nothing gathers."
            slide={{ min: 5, max: 6.8 }}
            faults={faults}
          />
        </>
      ) : (
        <>
          pH{' '}
          <DraftSay
            name="pH"
            label="pH, if measured"
            step={0.05}
            placeholder="not measured"
            hint={`Where nobody measured it, ${format.pH(6.65)} or so is reckoned with, and its spread.`}
            slide={{ min: 6.2, max: 6.9 }}
            faults={faults}
          />
        </>
      )}
      . <WhenSays faults={faults} />
      {plan && <PotSays plan={plan} />}
      {method && <HeatSays method={method} faults={faults} />}.
      {draft.milkId === null && draft.poured.length === 0 && (
        <>
          {' '}
          <KeepMilk />
        </>
      )}
      {plan && <MilkShort plan={plan} />}
      {otherFaults.map((fault) => (
        <FaultText key={fault.path}>{faultText(fault, format)}</FaultText>
      ))}
    </section>
  );
}
