import { useMemo } from 'react';
import { Link } from 'react-router';
import { amountOfGrams, gramsOfProduct } from '../../core/acid/acids';
import { bufferOf } from '../../core/acid/buffer';
import { pHAfter, titrantOf } from '../../core/acid/titrate';
import { DROP_ML } from '../../core/coagulant/strength';
import { SPOONABLES, spoonsFor } from '../../core/salt/spoons';
import type { Format } from '../../core/units/format';
import { methodById } from '../../makes';
import type { Resolved } from '../../plan/brief/resolved';
import type { Planned } from '../../plan/plan';
import type { Dose } from '../../plan/schema';
import { acidStandIns } from '../../plan/standIns';
import { acidText, doseText } from '../../plan/telling';
import { pailOf as milkOf, NO_DEPARTURE } from '../../plan/world';
import { useFormat } from '../../store/hooks';
import { useAppSelector } from '../../store/store';

/** The computation behind a dose, alone in the reckoner. */
const RECKONED: Partial<Record<Dose['id'], string>> = {
  acid: 'acid-dose',
  coagulant: 'coagulant-dose',
  salt: 'salt',
  'brine-salt': 'brine',
};

const SPOON_TSP = { '1/8': 0.125, '1/4': 0.25, '1/2': 0.5, '1': 1 } as const;

/** To weigh out: grams first, then the spoon that comes closest and what that does, then what to hold back and why. */
export function Doses({ planned }: { planned: Planned }) {
  const format = useFormat();
  const { dropMl = DROP_ML, smallestSpoon = '1/8' } = useAppSelector((state) => state.kitchen);
  const measures = { dropMl, smallestTsp: SPOON_TSP[smallestSpoon] };
  return (
    <section aria-label="To weigh out">
      <h2 className="text-[23px]">To weigh out</h2>
      <ul>
        {planned.plan.doses.map((dose) => (
          <li key={dose.id} className="stitch mt-2 pt-2" data-dose={dose.id}>
            <div className="flex items-baseline justify-between gap-3">
              <span className="text-[17px] font-semibold">
                {dose.ingredient}
                {RECKONED[dose.id] && (
                  <Link
                    to={`/reckon/${RECKONED[dose.id]}`}
                    aria-label={`Reckon ${dose.ingredient} alone`}
                    className="ml-2 inline-flex min-h-8 items-center px-1 text-[14px] font-normal text-ink-soft underline decoration-rim-soft underline-offset-4"
                  >
                    reckon
                  </Link>
                )}
              </span>
              <span className="figure text-[28px] whitespace-nowrap">{doseText(dose, format)}</span>
            </div>
            {spoonLine(dose, planned, format, measures).map((line) => (
              <p key={line} className="text-[15px]">
                {line}
              </p>
            ))}
            {dose.id === 'acid' ? (
              <AcidNotes dose={dose} planned={planned} format={format} />
            ) : dose.id === 'coagulant' ? (
              <p className="text-[15px]">
                in {format.millilitres(dose.diluteInMl)} of cool water without chlorine, only when it goes in.
              </p>
            ) : (
              dose.diluteInMl > 0 && (
                <p className="text-[15px]">
                  in {format.millilitres(dose.diluteInMl)} of cool water
                  {dose.id === 'brine-salt' ? ', boiled once and cooled' : ' without chlorine'}.
                </p>
              )
            )}
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

/** What the kitchen measures small amounts with. */
interface Measures {
  dropMl: number;
  smallestTsp: number;
}

/** What the nearest spoons hold and what that rounding does to the result; drops, tablets and sachets as they are. */
function spoonLine(
  dose: Dose,
  planned: Planned,
  format: Format,
  { dropMl, smallestTsp }: Measures,
): string[] {
  if (dose.spoons === '') return [];
  if (dose.measure === 'stock') return [dose.spoons];
  if (dose.measure === 'drops' && dose.millilitres !== null) {
    const drops = Math.max(1, Math.round(dose.millilitres / dropMl));
    return [`about ${format.number(drops)} ${drops === 1 ? 'drop' : 'drops'}`];
  }
  const spoonable =
    SPOONABLES.find((one) => one === dose.ingredient) ??
    (dose.id === 'salt' || dose.id === 'brine-salt' ? 'fine salt' : null);
  if (!spoonable) return dose.spoons === doseText(dose, format) ? [] : [`about ${dose.spoons}`];
  const held = spoonsFor(spoonable, dose.grams, smallestTsp);
  if (held.text === '') return ['too little for your smallest spoon: weigh it'];
  const off = (100 * (held.grams - dose.grams)) / dose.grams;
  const by =
    Math.abs(off) < 0.5
      ? 'as weighed'
      : `${format.number(Math.abs(off))}\u00a0% ${off > 0 ? 'more' : 'less'}`;
  const { acid } = planned;
  if (dose.id !== 'acid' || !acid) return [`${held.text}, level: ${by}`];
  return [
    `${held.text}, level: ${by}, pH ${format.pH(pHWithGrams(planned, held.grams))} instead of ${format.pH(acid.aimsAtPH)}`,
  ];
}

function pHWithGrams({ plan, milkPH }: Planned, grams: number): number {
  const brief = plan.brief as Resolved;
  const method = methodById(plan.method);
  if (!method || !brief.acid) return milkPH;
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
  const grams = (amount: number) => (brief.acid ? gramsOfProduct(brief.acid, amount) : 0);
  const hinge = planned.spread?.acidHinges[0];
  const standIns = useMemo(() => acidStandIns(planned), [planned]);
  return (
    <>
      <p className="text-[15px]">
        in {format.millilitres(dose.diluteInMl)} of cool water without chlorine.{' '}
        {dose.holdBackGrams > 0 ? (
          <>
            First <strong>{acidText(dose, dose.grams - dose.holdBackGrams, format)}</strong>; hold back{' '}
            <strong>{acidText(dose, dose.holdBackGrams, format)}</strong> until you have seen the whey.
          </>
        ) : (
          'All of it into the cold milk, stirring fast.'
        )}
      </p>
      {standIns.length > 0 && (
        <p className="text-[15px] text-ink-soft">
          None in the house?{' '}
          {standIns
            .map(
              (one) =>
                `${one.millilitres === null ? format.grams(one.grams) : format.millilitres(one.millilitres)} of ${one.name}`,
            )
            .join(', ')}{' '}
          would do the same.
        </p>
      )}
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
