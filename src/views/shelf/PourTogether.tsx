import { useState } from 'react';
import { useNavigate } from 'react-router';
import { type Fault, Infeasible } from '../../core/faults/fault';
import { caseinToFat } from '../../core/milk/standardise';
import type { KnownMilk } from '../../kitchen/milk';
import {
  type Asked,
  batchOf,
  creamOf,
  type Pour,
  pouredTo,
  pouredTogether,
  SHOP_CREAM_PCT,
  SKIM_PCT,
} from '../../kitchen/pour';
import { unitsOf } from '../../kitchen/usual';
import { useFormat } from '../../store/hooks';
import { draftChanged, fieldsSet } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { NumberField } from '../../ui/parts/NumberField';
import { Select } from '../../ui/parts/Select';
import { useMilk } from '../draft/useMilk';
import { PAIL_LITRES, PourPail } from './PourPail';

const MOST_LITRES = 100_000;
/** What each one poured is called, and how much of it. */
const CALLED = [
  ['Milk', 'How much of it'],
  ['With', 'Pour in'],
  ['And', 'And pour in'],
  ['And then', 'And then pour in'],
] as const;
/** So far from what was asked it is told, as a share. */
const NEAR_ENOUGH = 0.02;
const FAT = 'Or to a fat of';
const RATIO = 'Or to a casein to fat of';

interface Part {
  id: string;
  litres: number;
}
/** The field one is typing in, and what stands in it. */
interface Typing {
  of: string;
  text: string | null;
  fault?: Fault | undefined;
}

/** Pour milks and cream together until the pail shows the fat you want; or name the fat, or the casein to fat, and let the rest follow. */
export function PourTogether({ milks, onDone }: { milks: readonly KnownMilk[]; onDone(): void }) {
  const format = useFormat();
  const units = unitsOf(useAppSelector((state) => state.kitchen));
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const planWith = useMilk();
  const [parts, setParts] = useState<readonly Part[]>([
    { id: milks[0]?.id ?? '', litres: 8 },
    { id: 'cream', litres: 0.5 },
  ]);
  const [asked, setAsked] = useState<Asked>({});
  const [typing, setTyping] = useState<Typing>({ of: '', text: null });
  const first = milks.find(({ id }) => id === parts[0]?.id) ?? (milks[0] as KnownMilk);
  const all = [
    ...milks,
    creamOf(first, 'cream', `cream of ${SHOP_CREAM_PCT} %`, SHOP_CREAM_PCT),
    creamOf(first, 'skim', 'skimmed milk', SKIM_PCT),
  ];
  const pours: Pour[] = parts.map(({ id, litres }) => ({
    milk: all.find((one) => one.id === id) ?? first,
    litres,
  }));
  const inIt = pours.filter(({ litres }) => litres > 0);
  const { milk, batch } = pouredTogether(inIt.length > 0 ? inIt : [{ milk: first, litres: 1 }]);
  const ones = pours.map(({ milk: one }) => batchOf({ milk: one, litres: 1 }));
  const between = (of: (one: (typeof ones)[number]) => number) => {
    const ends = ones.map(of);
    return { min: Math.min(...ends), max: Math.max(...ends) };
  };
  const fats = between((one) => one.composition.fatPct);
  const ratios = between(caseinToFat);
  const setByHand = (next: readonly Part[]) => {
    setParts(next);
    setAsked({});
  };
  const change = (i: number, part: Partial<Part>) =>
    setByHand(parts.map((one, at) => (at === i ? { ...one, ...part } : one)));
  const textOf = (of: string) => (typing.of === of ? typing.text : null);
  /** Has what is poured in follow what is asked of the whole; with only one to pour in, the last that was asked counts. */
  const ask = (of: string, value: number | null, text: string | null) => {
    let fault: Fault | undefined;
    if (value !== null && value > 0) {
      const now = of === FAT ? { fatPct: value } : { caseinToFat: value };
      const whole = parts.length > 2 ? { ...asked, ...now } : now;
      try {
        const litres = pouredTo(pours, whole);
        setParts(parts.map((one, i) => ({ ...one, litres: Math.round(100 * (litres[i] ?? 0)) / 100 })));
        setAsked(whole);
      } catch (error) {
        if (!(error instanceof Infeasible)) throw error;
        fault = error.fault;
      }
    }
    setTyping({ of, text, fault });
  };
  const off = (wanted: number | undefined, is: number) =>
    wanted !== undefined && Math.abs(is / wanted - 1) > NEAR_ENOUGH;
  const misses = off(asked.fatPct, milk.fatPct) || off(asked.caseinToFat, caseinToFat(batch));
  const faultOf = (of: string) =>
    typing.of === of && typing.fault ? `This ${typing.fault.problem}; ${typing.fault.remedy}.` : undefined;
  const aims = [
    {
      label: FAT,
      value: milk.fatPct,
      unit: '%',
      min: 0,
      max: 60,
      step: 0.05,
      slide: { min: fats.min, max: Math.min(12, fats.max) },
    },
    {
      label: RATIO,
      value: caseinToFat(batch),
      min: 0.01,
      max: 60,
      step: 0.01,
      slide: { min: ratios.min, max: Math.min(2, ratios.max) },
    },
  ];
  const take = () => {
    planWith({ ...milk, fatPct: Math.round(milk.fatPct * 100) / 100 });
    const shares = inIt.flatMap(({ milk: { id }, litres }) =>
      milks.some((one) => one.id === id) ? [{ id, share: litres / batch.litres }] : [],
    );
    dispatch(draftChanged({ by: 'litres', milkId: null, poured: shares, cream: false }));
    dispatch(fieldsSet({ litres: { value: Math.round(batch.litres * 100) / 100, text: null } }));
    onDone();
    navigate('/plan');
  };
  return (
    <section aria-label="Pour together" className="plate mt-3 grid gap-x-8 gap-y-3 p-5 tab:grid-cols-2">
      <div>
        {pours.map(({ milk: one, litres }, i) => {
          const [name, pull] = CALLED[i] ?? CALLED[0];
          return (
            <div key={name} className={i > 0 ? 'stitch mt-3 pt-2' : ''}>
              <div className="flex items-center justify-between gap-2">
                <span className="min-w-0 flex-1">
                  <Select
                    label={name}
                    value={one.id}
                    options={all
                      .filter(({ id }) => i > 0 || milks.some((kept) => kept.id === id))
                      .map(({ id, name: text }) => ({ value: id, text }))}
                    onChange={(id) => change(i, { id })}
                  />
                </span>
                {i > 1 && (
                  <Button
                    size="small"
                    tone="quiet"
                    aria-label={`Not this one: ${one.name}`}
                    onClick={() => setByHand(parts.filter((_, at) => at !== i))}
                  >
                    not this one
                  </Button>
                )}
              </div>
              <NumberField
                label={pull}
                value={litres}
                text={textOf(pull)}
                quantity="volume"
                units={units}
                min={0}
                max={MOST_LITRES}
                step={0.05}
                slide={{ min: 0, max: Math.max(PAIL_LITRES, litres) }}
                onChange={({ value, text }) => {
                  setTyping({ of: pull, text });
                  if (value !== null) change(i, { litres: Math.min(MOST_LITRES, Math.max(0, value)) });
                }}
              />
            </div>
          );
        })}
        {parts.length < CALLED.length && (
          <Button
            size="small"
            tone="quiet"
            className="-ml-3 mt-1"
            onClick={() =>
              setByHand([
                ...parts,
                { id: parts.some(({ id }) => id === 'cream') ? 'skim' : 'cream', litres: 0 },
              ])
            }
          >
            Pour in another
          </Button>
        )}
      </div>
      <div className="flex flex-col gap-3">
        <PourPail fatPct={milk.fatPct} litres={inIt.length === 0 ? 0 : batch.litres} />
        <p className="text-[16px]" aria-live="polite">
          {inIt.length === 0 ? (
            'Nothing is poured yet.'
          ) : (
            <>
              <strong className="figure text-[34px]">{format.litres(batch.litres)}</strong> of{' '}
              <strong className="figure text-[34px]">{format.percent(milk.fatPct, 2)}</strong> fat,{' '}
              {format.percent(milk.proteinPct, 2)} true protein, casein to fat{' '}
              {format.number(caseinToFat(batch), 2)}.
            </>
          )}
          {milk.treatment === 'raw' &&
            inIt.some((one) => one.milk.treatment !== 'raw') &&
            ' With raw milk in it, all of it is raw milk.'}
          {misses && ' These milks do not reach both; nearer they do not come.'}
        </p>
        {aims.map((aim) => (
          <NumberField
            {...aim}
            key={aim.label}
            text={textOf(aim.label)}
            units={units}
            fault={faultOf(aim.label)}
            onChange={({ value, text }) => ask(aim.label, value, text)}
          />
        ))}
        <Button tone="main" disabled={inIt.length === 0} onClick={take}>
          Plan with this
        </Button>
      </div>
    </section>
  );
}
