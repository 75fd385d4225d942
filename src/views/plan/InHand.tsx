import type { Fault } from '../../core/faults/fault';
import type { GivenUnit } from '../../core/units/given';
import { givenText } from '../../core/units/given';
import type { Brief } from '../../plan/brief/schema';
import type { GivenDose } from '../../plan/givenDoses';
import { inHandOf } from '../../plan/inHand';
import { type Products, unitsFor } from '../../plan/measures';
import type { Dose } from '../../plan/schema';
import { type Draft, draftChanged } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { MeasureInput } from '../common/MeasureInput';

/** What doses are taken from, as the draft has it. */
const productsOf = ({ acid, coagulantForm, cultureForm }: Draft): Products => ({
  acid: { kind: acid },
  coagulant: { form: coagulantForm },
  culture: { form: cultureForm },
});

/**
 * A dose as one has it in hand: an amount and its measure, and the plan says what comes of it; or back to the computed one.
 * `dose` is that one, where a plan could be made.
 */
export function InHand({ id, dose }: { id: GivenDose; dose?: Dose }) {
  const dispatch = useAppDispatch();
  const draft = useAppSelector((state) => state.draft);
  const { given } = draft;
  const units = unitsFor(id, productsOf(draft));
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
        <MeasureInput label={`${id} in hand`} value={now} units={units} onChange={set} />
        <Button tone="quiet" size="small" onClick={() => set(undefined)}>
          compute it
        </Button>
      </div>
    </div>
  );
}

/** The fault of an amount in hand. */
export const givenFault = (id: Dose['id'], faults: readonly Fault[]): Fault | undefined =>
  faults.find((one) => one.path.startsWith(`${id}.given`));

/** What one has of a dose, in its own measure; null where it is computed. */
export const inHandText = (brief: Brief, id: Dose['id']): string | null => {
  const given = inHandOf(brief, id);
  return given ? givenText(given) : null;
};
