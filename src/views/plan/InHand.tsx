import { isLiquidAcid } from '../../core/acid/acids';
import type { Fault } from '../../core/faults/fault';
import type { GivenUnit } from '../../core/units/given';
import { givenText } from '../../core/units/given';
import type { Brief } from '../../plan/brief/schema';
import { inHandOf } from '../../plan/inHand';
import type { Dose } from '../../plan/schema';
import { type Draft, draftChanged, GIVEN_DOSES, type GivenDose } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';

const WEIGHED = ['g', 'tsp', 'tbsp'] as const;
const POURED = ['mL', 'tsp', 'tbsp', 'cup'] as const;

/** The measures a dose can be given in, by what it is taken from. */
function unitsFor(id: GivenDose, { acid, coagulantForm, cultureForm }: Draft): readonly GivenUnit[] {
  switch (id) {
    case 'acid':
      return isLiquidAcid(acid) ? POURED : WEIGHED;
    case 'coagulant':
      return COAGULANT[coagulantForm];
    case 'culture':
      return cultureForm === 'freeze-dried' ? ['sachet', 'g', 'tsp'] : ['mL', 'tbsp', 'cup', 'g'];
    case 'salt':
      return ['g', 'tsp', 'tbsp', 'cup'];
    case 'calcium':
      return ['g', 'tsp', 'mL', 'drop'];
  }
}
const COAGULANT: Record<Draft['coagulantForm'], readonly GivenUnit[]> = {
  liquid: ['mL', 'drop', 'tsp'],
  tablet: ['tablet'],
  powder: ['g', 'tsp'],
};

/**
 * A dose as one has it in hand: an amount and its measure, and the plan says what comes of it; or back to the computed one.
 * `dose` is that one, where a plan could be made.
 */
export function InHand({ id, dose }: { id: GivenDose; dose?: Dose }) {
  const dispatch = useAppDispatch();
  const draft = useAppSelector((state) => state.draft);
  const { given } = draft;
  const units = unitsFor(id, draft);
  const now = given[id];
  const set = (next: (typeof given)[GivenDose]) =>
    dispatch(draftChanged({ given: { ...given, [id]: next } }));
  const begin = () => {
    const unit = units[0] as GivenUnit;
    const amount = unit === 'mL' ? dose?.millilitres : dose?.grams;
    set({
      text: unit === 'g' || unit === 'mL' ? String(Number((amount ?? 1).toPrecision(2))) : '1',
      unit,
    });
  };
  if (!now)
    return (
      <>
        <p className="text-[15px] text-ink-soft">This is what the milk takes, as computed.</p>
        <Button size="small" className="mt-1" onClick={begin}>
          I have another amount of {id}
        </Button>
      </>
    );
  return (
    <div className="mt-1">
      <div className="flex flex-wrap items-center gap-2">
        <span className="text-[15px] text-ink-soft">I have</span>
        <input
          aria-label={`Amount of ${id} in hand`}
          inputMode="decimal"
          value={now.text}
          maxLength={20}
          onChange={(event) => set({ ...now, text: event.target.value })}
          className="field-line figure min-h-11 w-20 bg-transparent text-[22px] outline-none"
        />
        <select
          aria-label={`Measure of ${id} in hand`}
          value={now.unit}
          onChange={(event) => set({ ...now, unit: event.target.value as GivenUnit })}
          className="field-line min-h-11 bg-transparent text-[17px] font-semibold outline-none"
        >
          {units.map((unit) => (
            <option key={unit} value={unit}>
              {unit}
            </option>
          ))}
        </select>
        <Button tone="quiet" size="small" onClick={() => set(undefined)}>
          compute it
        </Button>
      </div>
    </div>
  );
}

/** A dose that can be given as one has it, by its id; undefined where it cannot. */
export const givenDose = (id: Dose['id']): GivenDose | undefined => GIVEN_DOSES.find((one) => one === id);

/** The fault of an amount in hand. */
export const givenFault = (id: Dose['id'], faults: readonly Fault[]): Fault | undefined =>
  faults.find((one) => one.path.startsWith(`${id}.given`));

/** What one has of a dose, in its own measure; null where it is computed. */
export const inHandText = (brief: Brief, id: Dose['id']): string | null => {
  const given = inHandOf(brief, id);
  return given ? givenText(given) : null;
};
