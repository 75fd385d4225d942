import { useState } from 'react';
import { toast } from 'sonner';
import { SPECIES_FACTS } from '../../core/milk/species';
import type { KnownMilk } from '../../files/backup';
import { useFormat } from '../../store/hooks';
import { usePorts } from '../../store/ports';
import { useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { MilkTests } from './MilkTests';
import { PourTogether } from './PourTogether';

/** The milks the kitchen knows: their figures, what is left, pouring together, test results in from a file. */
export function MilkShelf() {
  const { db } = usePorts();
  const format = useFormat();
  const milks = useAppSelector((state) => state.data.milks);
  const [pouring, setPouring] = useState(false);
  const remove = async (milk: KnownMilk) => {
    await db.milks.delete(milk.id);
    toast(`${milk.name} is off the shelf.`, {
      action: { label: 'Put it back', onClick: () => void db.milks.put(milk) },
    });
  };
  return (
    <section aria-label="Milk">
      <div className="mt-2 flex flex-wrap items-center justify-between gap-3">
        <h2 className="text-[26px]">Milk</h2>
        <span className="flex flex-wrap gap-2">
          <Button size="small" aria-expanded={pouring} onClick={() => setPouring(!pouring)}>
            Pour together
          </Button>
          <MilkTests />
        </span>
      </div>
      {milks.length === 0 ? (
        <p className="mt-1 text-[16px] text-ink-soft">
          None kept yet: on the plan, “Keep this milk by name”, or take test results in from a file.
        </p>
      ) : (
        <div className="relative overflow-x-auto">
          <table className="mt-1 w-full text-left text-[16px]">
            <thead className="text-[14px] text-ink-soft">
              <tr>
                {['milk', 'of', 'fat', 'true protein', 'pH', 'treated', 'litres', ''].map((head) => (
                  <th key={head} className="py-1 pr-4 font-medium">
                    {head || <span className="sr-only">take off</span>}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {milks.map((milk) => (
                <tr key={milk.id} className="stitch">
                  <th className="name py-1.5 pr-4 text-[18px]">
                    {milk.name}
                    {milk.day && (
                      <span className="font-plain text-[14px] font-normal text-ink-soft"> {milk.day}</span>
                    )}
                  </th>
                  <td className="pr-4">{milk.species}</td>
                  <td className="figure pr-4">{format.percent(milk.fatPct, 1)}</td>
                  <td className="figure pr-4">{format.percent(milk.proteinPct, 2)}</td>
                  <td className="figure pr-4">{milk.pH === null ? '–' : format.pH(milk.pH)}</td>
                  <td className="pr-4">{milk.treatment}</td>
                  <td className="figure pr-4">{milk.litres == null ? '–' : format.litres(milk.litres)}</td>
                  <td>
                    <Button
                      size="small"
                      tone="quiet"
                      aria-label={`take off ${milk.name}`}
                      onClick={() => void remove(milk)}
                    >
                      take off
                    </Button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      {pouring && (
        <PourTogether milks={milks.length > 0 ? milks : [USUAL_COW]} onDone={() => setPouring(false)} />
      )}
    </section>
  );
}

const USUAL_COW: KnownMilk = {
  id: '',
  name: 'Whole cow’s milk',
  species: 'cow',
  fatPct: SPECIES_FACTS.cow.fatPct,
  proteinPct: SPECIES_FACTS.cow.proteinPct,
  treatment: 'pasteurised',
  homogenised: false,
  pH: null,
  startC: 4,
  pricePerLitre: null,
};
