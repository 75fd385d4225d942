import { memo } from 'react';
import type { Fault } from '../../core/faults/fault';
import { SPECIES, type Species, TREATMENTS } from '../../core/milk/species';
import type { Method } from '../../makes/method';
import { FAT_WORDS, MILK_OF, TREATMENT_WORDS } from '../../plan/milkWords';
import type { Planned } from '../../plan/planned';
import { useFormat } from '../../store/hooks';
import { draftChanged, FIRST_DRAFT, fieldsSet } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { FaultText } from '../../ui/parts/NumberField';
import { Held } from '../../ui/say/look';
import { SayPick } from '../../ui/say/SayPick';
import { faultText } from '../common/faultText';
import { FIELDS } from '../draft/briefOf';
import { milkTaken } from '../draft/goods';
import { DraftNumber, DraftSay, figuresOf } from './DraftNumber';
import { HeatSays } from './HeatSays';
import { KeepMilk, MilkShort, useMilkPick } from './MilkPicker';
import { PotSays } from './PotSays';
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
export const MilkSentence = memo(function MilkSentence({
  method,
  faults,
  planned,
}: {
  method: Method | undefined;
  faults: readonly Fault[];
  planned: Planned | null;
}) {
  const format = useFormat();
  const nameless = useAppSelector(
    ({ draft: { milkId, poured }, data }) =>
      poured.length === 0 && (milkId === null || (data.loaded && !milkTaken(milkId, data.milks))),
  );
  const whey = method?.of === 'whey';
  const otherFaults = faults.filter(
    (one) =>
      !AT_A_VALUE.has(one.path) && !/^(options|acid|coagulant|culture|calcium)\.|\.given/.test(one.path),
  );
  return (
    <section aria-label="In the pail" className="sentence mt-1">
      <HowMuch whey={whey} faults={faults} /> of <WhoseMilk /> {whey ? 'whey' : 'milk'}
      <FromSays />, <WhatIsInIt whey={whey} faults={faults} /> <WhenSays faults={faults} />
      {planned && <PotSays plan={planned.plan} />}
      {method && <HeatSays method={method} faults={faults} />}. {nameless && !whey && <KeepMilk />}
      {planned && <MilkShort planned={planned} />}
      {otherFaults.map((fault) => (
        <FaultText key={fault.path}>{faultText(fault, format)}</FaultText>
      ))}
    </section>
  );
});

interface Part {
  whey: boolean;
  faults: readonly Fault[];
}

/** Litres in hand, or kilograms wanted; what a litre costs lies with them. */
const HowMuch = memo(function HowMuch({ whey, faults }: Part) {
  const dispatch = useAppDispatch();
  const by = useAppSelector((state) => state.draft.by);
  const { volume, currency } = useAppSelector((state) => state.kitchen);
  const { volumeWord } = useFormat();
  const of = whey ? 'whey' : 'milk';
  const price = (
    <DraftNumber
      name="pricePerLitre"
      label={`Price a ${volumeWord}`}
      quantity="perVolume"
      step={0.05}
      unit={currency}
      placeholder="–"
      bare
      faults={faults}
    />
  );
  return (
    <>
      <SayPick
        label="Plan by"
        value={by}
        said={by !== FIRST_DRAFT.by}
        options={[
          { value: 'litres', text: 'I have', reason: `What comes of the ${of} that is there.` },
          { value: 'wantKg', text: 'I want', reason: `How much ${of} that takes.` },
        ]}
        onChange={(next) => dispatch(draftChanged({ by: next }))}
      />{' '}
      {by === 'litres' ? (
        <DraftSay
          name="litres"
          label={whey ? 'Whey' : 'Milk'}
          step={volume === 'gal' ? 0.25 : 0.5}
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
      )}
    </>
  );
});

const WhoseMilk = memo(function WhoseMilk() {
  const dispatch = useAppDispatch();
  const species = useAppSelector((state) => state.draft.species);
  const crude = useAppSelector((state) => state.kitchen.proteinBasis === 'crude');
  const change = (next: Species) => {
    const { fatPct, proteinPct } = figuresOf(next, crude);
    dispatch(draftChanged({ species: next, milkId: null }));
    dispatch(
      fieldsSet({ fatPct: { value: fatPct, text: null }, proteinPct: { value: proteinPct, text: null } }),
    );
  };
  return (
    <SayPick
      label="Milk of"
      value={species}
      said={species !== FIRST_DRAFT.species}
      options={SPECIES.map((value) => ({ value, text: MILK_OF[value] }))}
      onChange={change}
    />
  );
});

/** Which of the kitchen's milks, where it knows any. */
const FromSays = memo(function FromSays() {
  const from = useMilkPick();
  if (from.options.length <= 1) return null;
  return (
    <>
      {' '}
      from <SayPick label="From" said={from.value !== ''} {...from} />
    </>
  );
});

const MILK_FAT = { min: 0, max: 8 };
const WHEY_FAT = { min: 0, max: 2 };
const PROTEIN = { min: 2, max: 7 };
const WHEY_PROTEIN = { min: 0.2, max: 2 };
const WARMTH = { min: 0, max: 40 };
const MILK_PH = { min: 6.2, max: 6.9 };
const WHEY_PH = { min: 5, max: 6.8 };

/** Fat, protein, what was done to it, how warm and how sour it is, and the end of that sentence. */
const WhatIsInIt = memo(function WhatIsInIt({ whey, faults }: Part) {
  const dispatch = useAppDispatch();
  const format = useFormat();
  const treatment = useAppSelector((state) => state.draft.treatment);
  const homogenised = useAppSelector((state) => state.draft.homogenised);
  const crude = useAppSelector((state) => state.kitchen.proteinBasis === 'crude');
  return (
    <>
      <DraftSay
        name={whey ? 'wheyFatPct' : 'fatPct'}
        label="Fat"
        step={0.1}
        unit="%"
        slide={whey ? WHEY_FAT : MILK_FAT}
        faults={faults}
      />{' '}
      fat and{' '}
      <DraftSay
        name={whey ? 'wheyProteinPct' : 'proteinPct'}
        label={crude && !whey ? 'Protein, as labelled' : 'True protein'}
        step={whey ? 0.05 : 0.1}
        unit="%"
        slide={whey ? WHEY_PROTEIN : PROTEIN}
        faults={faults}
      />{' '}
      protein,{' '}
      <Held>
        <SayPick
          label="Treated"
          value={treatment}
          said={treatment !== FIRST_DRAFT.treatment}
          options={TREATMENTS.map((value) => ({ value, text: TREATMENT_WORDS[value] }))}
          onChange={(next) => dispatch(draftChanged({ treatment: next }))}
        />
        ,
      </Held>{' '}
      {!whey && (
        <>
          <Held>
            <SayPick
              label="Fat globules"
              value={homogenised ? 'yes' : 'no'}
              said={homogenised}
              options={[
                { value: 'no', text: FAT_WORDS.risen },
                { value: 'yes', text: FAT_WORDS.homogenised, reason: 'Sets finer and drains slower.' },
              ]}
              onChange={(value) => dispatch(draftChanged({ homogenised: value === 'yes' }))}
            />
            ,
          </Held>{' '}
        </>
      )}
      <Held>
        <DraftSay
          name="startC"
          label="Starts at"
          step={1}
          quantity="temperature"
          slide={WARMTH}
          faults={faults}
        />
        ;
      </Held>{' '}
      {whey ? 'its pH' : 'pH'}{' '}
      <Held>
        {whey ? (
          <DraftSay
            name="wheyPH"
            label="pH of the whey"
            step={0.05}
            hint="Above 5.2, or nothing gathers."
            slide={WHEY_PH}
            faults={faults}
          />
        ) : (
          <DraftSay
            name="pH"
            label="pH, if measured"
            step={0.05}
            placeholder="not measured"
            hint={`Where nobody measured it, ${format.pH(6.65)} or so is reckoned with, and its spread.`}
            slide={MILK_PH}
            faults={faults}
          />
        )}
        .
      </Held>
    </>
  );
});
