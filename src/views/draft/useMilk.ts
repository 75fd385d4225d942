import { crudeProteinPct } from '../../core/milk/species';
import type { KnownMilk } from '../../kitchen/milk';
import { draftChanged, fieldsSet } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';

const at = (value: number | null) => ({ value, text: null });

/** Puts a known milk into the plan, its figures with it. */
export function useMilk() {
  const dispatch = useAppDispatch();
  const crude = useAppSelector((state) => state.kitchen.proteinBasis === 'crude');
  return (milk: KnownMilk) => {
    const { id, species, treatment, homogenised } = milk;
    const protein = crude ? crudeProteinPct(milk.proteinPct, species) : milk.proteinPct;
    dispatch(draftChanged({ milkId: id, species, treatment, homogenised }));
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
}
