import { useId, useState } from 'react';
import { toast } from 'sonner';
import { parse } from '../../core/faults/zodFaults';
import { crudeProteinPct, trueProteinPct } from '../../core/milk/species';
import { type KnownMilk, knownMilkSchema } from '../../files/backup';
import { usePorts } from '../../store/ports';
import { draftChanged, fieldsSet } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { Select } from '../../ui/parts/Select';
import { Sheet } from '../../ui/parts/Sheet';

const at = (value: number | null) => ({ value, text: null });

/** Milks the kitchen knows by name: choose one and its figures come along; keep a new one. */
export function MilkPicker() {
  const dispatch = useAppDispatch();
  const milks = useAppSelector((state) => state.data.milks);
  const draft = useAppSelector((state) => state.draft);
  const crude = useAppSelector((state) => state.kitchen.proteinBasis === 'crude');
  const choose = (id: string) => {
    const milk = milks.find((one) => one.id === id);
    dispatch(draftChanged({ milkId: milk?.id ?? null }));
    if (!milk) return;
    const protein = crude ? crudeProteinPct(milk.proteinPct, milk.species) : milk.proteinPct;
    dispatch(
      draftChanged({ species: milk.species, treatment: milk.treatment, homogenised: milk.homogenised }),
    );
    dispatch(
      fieldsSet({
        fatPct: at(milk.fatPct),
        proteinPct: at(Math.round(protein * 100) / 100),
        pH: at(milk.pH),
        startC: at(milk.startC),
        pricePerLitre: at(milk.pricePerLitre),
      }),
    );
  };
  return (
    <>
      {milks.length > 0 && (
        <Select
          label="From"
          value={draft.milkId ?? ''}
          options={[
            { value: '', text: 'another milk' },
            ...milks.map((milk) => ({ value: milk.id, text: milk.name })),
          ]}
          onChange={choose}
        />
      )}
      {draft.milkId === null && <KeepMilk />}
    </>
  );
}

function KeepMilk() {
  const { db } = usePorts();
  const dispatch = useAppDispatch();
  const draft = useAppSelector((state) => state.draft);
  const crude = useAppSelector((state) => state.kitchen.proteinBasis === 'crude');
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const id = useId();
  const keep = async () => {
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
      toast.error('This milk cannot be kept yet: mend the marked fields, and give it a name.');
      return;
    }
    await db.milks.add(milk.value);
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
        <Button tone="quiet" size="small" className="-ml-3">
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
