import { amountOfGrams, gramsOfProduct } from '../../core/acid/acids';
import { bufferOf } from '../../core/acid/buffer';
import { FIRST_SHARE } from '../../core/acid/coagulation';
import { pHAfter, titrantOf } from '../../core/acid/titrate';
import { type Spoonable, spoonsFor } from '../../core/salt/spoons';
import type { Format } from '../../core/units/format';
import { methodById } from '../../makes';
import type { Resolved } from '../../plan/brief/resolve';
import type { Planned } from '../../plan/plan';
import type { Dose } from '../../plan/schema';
import { acidText } from '../../plan/telling';
import { pailOf as milkOf, NO_DEPARTURE } from '../../plan/world';
import { useFormat } from '../../store/hooks';

/** To weigh out: grams first, then the spoon that comes closest and what that does, then what to hold back and why. */
export function Doses({ planned }: { planned: Planned }) {
  const format = useFormat();
  return (
    <section aria-label="To weigh out">
      <h2 className="text-[23px]">To weigh out</h2>
      <ul>
        {planned.plan.doses.map((dose) => (
          <li key={dose.id} className="stitch mt-2 pt-2" data-dose={dose.id}>
            <div className="flex items-baseline justify-between gap-3">
              <span className="text-[17px] font-semibold">{dose.ingredient}</span>
              <span className="figure text-[28px]">
                {dose.id === 'acid'
                  ? acidText(dose, dose.grams, format)
                  : dose.id === 'cream'
                    ? format.millilitres(dose.millilitres ?? 0)
                    : format.grams(dose.grams)}
              </span>
            </div>
            {dose.spoons !== '' && <p className="text-[15px]">{spoonLine(dose, planned, format)}</p>}
            {dose.id === 'acid' && <AcidNotes dose={dose} planned={planned} format={format} />}
            {dose.id === 'salt' && (
              <p className="text-[15px] text-ink-soft">
                Weigh the drained cheese and salt that; this is for the weight expected.
              </p>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What the nearest spoons hold and what that rounding does to the result. */
function spoonLine(dose: Dose, planned: Planned, format: Format): string {
  const held = spoonsFor(dose.ingredient as Spoonable, dose.grams);
  const off = (100 * (held.grams - dose.grams)) / dose.grams;
  const by =
    Math.abs(off) < 0.5
      ? 'as weighed'
      : `${format.number(Math.abs(off))}\u00a0% ${off > 0 ? 'more' : 'less'}`;
  if (dose.id !== 'acid') return `${held.text}, level: ${by}`;
  return `${held.text}, level: ${by}, pH ${format.pH(pHWithGrams(planned, held.grams))} instead of ${format.pH(planned.acid.aimsAtPH)}`;
}

function pHWithGrams(planned: Planned, grams: number): number {
  const brief = planned.plan.brief as Resolved;
  const method = methodById(planned.plan.method);
  if (!method) return planned.acid.aimsAtPH;
  const milk = milkOf(brief, method, brief.milk.litres ?? 1, NO_DEPARTURE);
  return pHAfter(
    bufferOf(milk, brief.milk.pH),
    titrantOf(brief.acid),
    amountOfGrams(brief.acid, grams) / milk.litres,
  );
}

function AcidNotes({ dose, planned, format }: { dose: Dose; planned: Planned; format: Format }) {
  const brief = planned.plan.brief as Resolved;
  const need = planned.spread?.acidNeeded;
  const grams = (amount: number) => gramsOfProduct(brief.acid, amount);
  const hinge = planned.spread?.acidHinges[0];
  return (
    <>
      <p className="text-[15px]">
        in {format.millilitres(dose.diluteInMl)} of cool water without chlorine. First{' '}
        <strong>{acidText(dose, dose.grams * FIRST_SHARE, format)}</strong>; hold back{' '}
        <strong>{acidText(dose, dose.holdBackGrams, format)}</strong> until you have seen the whey.
      </p>
      {need && (
        <p className="text-[15px] text-ink-soft">
          This milk may want {acidText(dose, grams(need.low), format)} to{' '}
          {acidText(dose, grams(need.high), format)}
          {hinge && `, mostly because of the ${hinge.on}: ${hinge.sharpenBy}`}.
        </p>
      )}
    </>
  );
}
