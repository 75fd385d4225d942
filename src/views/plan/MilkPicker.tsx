import { format as formatDate } from 'date-fns';
import { memo, useId, useState } from 'react';
import { parse } from '../../core/faults/zodFaults';
import { trueProteinPct } from '../../core/milk/species';
import { type KnownMilk, knownMilkSchema, pastUseBy } from '../../kitchen/milk';
import type { Planned } from '../../plan/planned';
import { useFormat, useNow } from '../../store/hooks';
import { usePorts } from '../../store/ports';
import { draftChanged } from '../../store/slices/draft';
import { selectUsed, useAppDispatch, useAppSelector, useAppStore } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { Sheet } from '../../ui/parts/Sheet';
import { toastWrong } from '../../ui/parts/toast';
import { nearDayText } from '../common/times';
import { written } from '../common/written';
import { milkShort, milksOf, milkTaken } from '../draft/goods';
import { useMilk } from '../draft/useMilk';
import { warmedAt } from './planTimes';

/** Milks the kitchen knows by name: choose one and its figures come along. */
export function useMilkPick() {
  const dispatch = useAppDispatch();
  const milks = useAppSelector((state) => state.data.milks);
  const milkId = useAppSelector((state) => state.draft.milkId);
  const poured = useAppSelector((state) => state.draft.poured);
  const planWith = useMilk();
  return {
    value: milkTaken(milkId, milks)?.id ?? '',
    options: [
      { value: '', text: poured.length > 0 ? 'cans poured together' : 'elsewhere' },
      ...milks.map((milk) => ({ value: milk.id, text: milk.name })),
    ],
    onChange: (id: string) => {
      const milk = milkTaken(id, milks);
      if (milk) planWith(milk);
      else dispatch(draftChanged({ milkId: null }));
    },
  };
}

/** Says where there is too little of a lot that is planned with, or where it is warmed after its use-by. */
export const MilkShort = memo(function MilkShort({ planned }: { planned: Planned }) {
  const format = useFormat();
  const used = useAppSelector(selectUsed);
  const milks = useAppSelector((state) => state.data.milks);
  const milkId = useAppSelector((state) => state.draft.milkId);
  const poured = useAppSelector((state) => state.draft.poured);
  const now = useNow(60_000);
  const wanted = milksOf(planned, { milkId, poured }, milks);
  const warmed = formatDate(warmedAt(planned.plan, now), 'yyyy-MM-dd');
  const past = milks.filter((milk) => wanted.some(({ id }) => id === milk.id) && pastUseBy(milk, warmed));
  return (
    <>
      {milkShort(wanted, milks, used.milks).map(({ name, litres, haveLitres }) => (
        <p key={name} className="text-[15px] leading-snug font-medium">
          {haveLitres > 0 ? `Of ${name} ${format.litres(haveLitres)} are left` : `${name}: used up`};{' '}
          {format.litres(litres)} more wanted.
        </p>
      ))}
      {past.map(({ id, name, useBy }) => (
        <p key={id} className="text-[15px] leading-snug font-medium">
          {pastUseBy({ useBy }, formatDate(now, 'yyyy-MM-dd'))
            ? `${name} is past its use-by, ${nearDayText(useBy ?? '')}: take other milk.`
            : `${name} is to be used by ${nearDayText(useBy ?? '')}, and this warms it later: begin sooner, or take other milk.`}
        </p>
      ))}
    </>
  );
});

/** Keeps the milk of the plan under a name. */
export function KeepMilk() {
  const { db } = usePorts();
  const { dispatch, getState } = useAppStore();
  const crude = useAppSelector((state) => state.kitchen.proteinBasis === 'crude');
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const id = useId();
  const keep = async () => {
    const { draft } = getState();
    const { fatPct, proteinPct, pH, startC, pricePerLitre } = draft.fields;
    const milk = parse<KnownMilk>(knownMilkSchema, {
      id: crypto.randomUUID(),
      name: name.trim(),
      species: draft.species,
      fatPct: fatPct.value,
      proteinPct:
        proteinPct.value !== null && crude
          ? trueProteinPct(proteinPct.value, draft.species)
          : proteinPct.value,
      treatment: draft.treatment,
      homogenised: draft.homogenised,
      pH: pH.value,
      startC: startC.value,
      pricePerLitre: pricePerLitre.value,
    });
    if (!milk.ok) {
      toastWrong('This milk cannot be kept yet: mend the marked fields, and give it a name.');
      return;
    }
    if (!(await written(`“${milk.value.name}”`, () => db.milks.add(milk.value)))) return;
    dispatch(draftChanged({ milkId: milk.value.id }));
    setOpen(false);
    setName('');
  };
  return (
    <Sheet
      title="Whose milk is it?"
      open={open}
      onOpenChange={setOpen}
      trigger={
        <Button tone="quiet" size="small" className="min-h-8">
          Keep this milk by name
        </Button>
      }
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void keep();
        }}
      >
        <label htmlFor={id} className="mt-4 block text-[15px] text-ink-soft">
          A name you know it by
        </label>
        <input
          id={id}
          value={name}
          maxLength={120}
          onChange={(event) => setName(event.target.value)}
          className="field-line name w-full bg-transparent py-2 text-xl outline-none"
        />
        <div className="mt-5 flex justify-end gap-4">
          <Button onClick={() => setOpen(false)}>Leave it</Button>
          <Button tone="main" type="submit" disabled={name.trim() === ''}>
            Keep it
          </Button>
        </div>
      </form>
    </Sheet>
  );
}
