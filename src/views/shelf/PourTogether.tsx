import { Slider } from 'radix-ui';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Infeasible } from '../../core/faults/fault';
import { blend, creamBatch } from '../../core/milk/blend';
import { compositionOf, milkBatch } from '../../core/milk/composition';
import { crudeProteinPct } from '../../core/milk/species';
import { massToFat } from '../../core/milk/standardise';
import type { KnownMilk } from '../../kitchen/milk';
import { useFormat } from '../../store/hooks';
import { draftChanged, fieldsSet } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { Select } from '../../ui/parts/Select';

const CREAM_FAT_PCT = 36;
const MOST_LITRES = 40;

/** Pull milk and cream in until the pail shows the fat you want; or name the fat and let the cream follow. */
export function PourTogether({ milks, onDone }: { milks: readonly KnownMilk[]; onDone(): void }) {
  const format = useFormat();
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const crude = useAppSelector((state) => state.kitchen.proteinBasis === 'crude');
  const [firstId, setFirst] = useState(milks[0]?.id ?? '');
  const [secondId, setSecond] = useState('cream');
  const [litres, setLitres] = useState(8);
  const [added, setAdded] = useState(0.5);
  const first = milks.find((milk) => milk.id === firstId) ?? (milks[0] as KnownMilk);
  const batchOf = (milk: KnownMilk, l: number) =>
    milkBatch(l, compositionOf(milk.species, milk.fatPct, milk.proteinPct));
  const secondOf = (l: number) => {
    const other = milks.find((milk) => milk.id === secondId);
    if (other) return batchOf(other, l);
    return creamBatch(first.species, l, secondId === 'skim' ? 0.05 : CREAM_FAT_PCT);
  };
  const poured = blend([batchOf(first, litres), ...(added > 0 ? [secondOf(added)] : [])]);
  const fatPct = poured.composition.fatPct;
  const proteinPct = poured.composition.caseinPct + poured.composition.wheyProteinPct;
  const one = secondOf(1);
  const ends = [first.fatPct, one.composition.fatPct].sort((a, b) => a - b) as [number, number];
  const toFat = (wanted: number) => {
    try {
      setAdded(Math.min(MOST_LITRES, massToFat(batchOf(first, litres), one, wanted) / one.densityKgPerL));
    } catch (error) {
      if (!(error instanceof Infeasible)) throw error;
    }
  };
  const take = () => {
    const shown = crude ? crudeProteinPct(proteinPct, first.species) : proteinPct;
    const at = (value: number) => ({ value: Math.round(value * 100) / 100, text: null });
    dispatch(
      draftChanged({
        by: 'litres',
        milkId: null,
        poured: [
          { id: first.id, share: litres / poured.litres },
          ...(added > 0 && milks.some((milk) => milk.id === secondId)
            ? [{ id: secondId, share: added / poured.litres }]
            : []),
        ],
        species: first.species,
        treatment: first.treatment,
        homogenised: first.homogenised,
        cream: false,
      }),
    );
    dispatch(
      fieldsSet({
        litres: at(poured.litres),
        fatPct: at(fatPct),
        proteinPct: at(shown),
        startC: at(first.startC),
        pH: { value: first.pH, text: null },
      }),
    );
    onDone();
    navigate('/plan');
  };
  return (
    <section aria-label="Pour together" className="plate mt-3 grid gap-x-8 gap-y-3 p-5 tab:grid-cols-2">
      <div className="space-y-2">
        <Select
          label="Milk"
          value={first.id}
          options={milks.map((milk) => ({ value: milk.id, text: milk.name }))}
          onChange={setFirst}
        />
        <Pull
          label="Its litres"
          value={litres}
          max={MOST_LITRES}
          onChange={setLitres}
          text={format.litres(litres)}
        />
        <Select
          label="With"
          value={secondId}
          options={[
            { value: 'cream', text: `cream of ${CREAM_FAT_PCT} %` },
            { value: 'skim', text: 'skimmed milk' },
            ...milks
              .filter((milk) => milk.id !== first.id)
              .map((milk) => ({ value: milk.id, text: milk.name })),
          ]}
          onChange={setSecond}
        />
        <Pull
          label="Pour in"
          value={added}
          max={Math.max(2, litres)}
          onChange={setAdded}
          text={format.litres(added)}
        />
        <Pull
          label="Or to a fat of"
          value={fatPct}
          min={ends[0]}
          max={Math.min(12, ends[1])}
          step={0.05}
          onChange={toFat}
          text={format.percent(fatPct, 2)}
        />
      </div>
      <div className="flex flex-col justify-between gap-3">
        <PailOf fatPct={fatPct} litres={poured.litres} />
        <p className="text-[16px]" aria-live="polite">
          <strong className="figure text-[34px]">{format.litres(poured.litres)}</strong> of{' '}
          <strong className="figure text-[34px]">{format.percent(fatPct, 2)}</strong> fat,{' '}
          {format.percent(proteinPct, 2)} true protein, casein to fat{' '}
          {format.number(poured.composition.caseinPct / Math.max(0.01, fatPct), 2)}.
        </p>
        <Button tone="main" onClick={take}>
          Plan with this
        </Button>
      </div>
    </section>
  );
}

function Pull({
  label,
  value,
  text,
  onChange,
  min = 0,
  max,
  step = 0.1,
}: {
  label: string;
  value: number;
  text: string;
  onChange(value: number): void;
  min?: number;
  max: number;
  step?: number;
}) {
  return (
    <div className="flex items-center gap-3">
      <span className="w-24 shrink-0 text-[15px] font-medium text-ink-soft">{label}</span>
      <Slider.Root
        min={min}
        max={max}
        step={step}
        value={[Math.min(max, Math.max(min, value))]}
        onValueChange={([next]) => next !== undefined && onChange(next)}
        className="relative flex h-11 flex-1 touch-none items-center"
      >
        <Slider.Track className="relative h-2.5 flex-1 rounded-full border-2 border-rim bg-plate">
          <Slider.Range className="absolute h-full rounded-full bg-enamel" />
        </Slider.Track>
        <Slider.Thumb
          aria-label={label}
          className="block size-7 rounded-full border-[3px] border-rim bg-now"
        />
      </Slider.Root>
      <span className="figure w-20 text-right text-[20px]">{text}</span>
    </div>
  );
}

const RIM_Y = 34;
const BASE_Y = 112;

/** A small pail with what is in it, its fat on top as if it had risen as cream. */
function PailOf({ fatPct, litres }: { fatPct: number; litres: number }) {
  const level = (BASE_Y - RIM_Y - 6) * Math.min(1, Math.max(0.12, Math.sqrt(litres / MOST_LITRES)));
  const cream = Math.max(2, level * Math.min(1, fatPct / CREAM_FAT_PCT));
  return (
    <svg viewBox="0 0 140 120" className="h-36 self-center" aria-hidden="true">
      <path d={`M26 ${RIM_Y}C30 -6 110 -6 114 ${RIM_Y}`} fill="none" stroke="var(--rim)" strokeWidth="3.5" />
      <clipPath id="pour-pail">
        <path d={`M22 ${RIM_Y}h96l-13 ${BASE_Y - RIM_Y}H35z`} />
      </clipPath>
      <g clipPath="url(#pour-pail)">
        <rect y={RIM_Y} width="140" height={BASE_Y - RIM_Y} fill="var(--plate)" />
        <rect y={BASE_Y - level} width="140" height={level} fill="var(--cheese-water)" />
        <rect y={BASE_Y - level} width="140" height={cream} fill="var(--butter)" />
        <path d={`M0 ${BASE_Y - level}h140`} stroke="var(--rim-soft)" strokeWidth="2" />
      </g>
      <path
        d={`M20 ${RIM_Y}l14 ${BASE_Y - RIM_Y}h72l14 ${RIM_Y - BASE_Y}`}
        fill="none"
        stroke="var(--rim)"
        strokeWidth="4"
        strokeLinejoin="round"
      />
      <path d={`M14 ${RIM_Y}h112`} stroke="var(--rim)" strokeWidth="5" strokeLinecap="round" />
    </svg>
  );
}
