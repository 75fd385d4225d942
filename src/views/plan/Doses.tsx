import { useMemo } from 'react';
import { Link } from 'react-router';
import { amountOfGrams, gramsOfProduct } from '../../core/acid/acids';
import { bufferOf } from '../../core/acid/buffer';
import { pHAfter, titrantOf } from '../../core/acid/titrate';
import { DROP_ML } from '../../core/coagulant/strength';
import type { Fault } from '../../core/faults/fault';
import { SPOONABLES, spoonsFor } from '../../core/salt/spoons';
import type { Format } from '../../core/units/format';
import { methodById } from '../../makes';
import { goalOf, takes } from '../../makes/asked';
import type { Resolved } from '../../plan/brief/resolved';
import { cautionText } from '../../plan/cautionText';
import type { Planned } from '../../plan/plan';
import type { Dose } from '../../plan/schema';
import { acidStandIns } from '../../plan/standIns';
import { acidText, doseText } from '../../plan/telling';
import { pailOf as milkOf, NO_DEPARTURE } from '../../plan/world';
import { useFormat } from '../../store/hooks';
import { useAppSelector } from '../../store/store';
import { InHand, inHandText } from './InHand';

/** The computation behind a dose, alone in the reckoner. */
const RECKONED: Partial<Record<Dose['id'], string>> = {
  acid: 'acid-dose',
  coagulant: 'coagulant-dose',
  salt: 'salt',
  'brine-salt': 'brine',
};

const SPOON_TSP = { '1/8': 0.125, '1/4': 0.25, '1/2': 0.5, '1': 1 } as const;

/** To weigh out: grams first, then the spoon that comes closest and what that does, then what to hold back and why. */
export function Doses({ planned, faults }: { planned: Planned; faults: readonly Fault[] }) {
  const format = useFormat();
  const { dropMl = DROP_ML, smallestSpoon = '1/8' } = useAppSelector((state) => state.kitchen);
  const measures = { dropMl, smallestTsp: SPOON_TSP[smallestSpoon] };
  return (
    <section aria-label="To weigh out">
      <h2 className="text-[21px]">To weigh out</h2>
      <ul>
        {planned.plan.doses.map((dose) => (
          <li key={dose.id} className="stitch mt-1.5 pt-1.5" data-dose={dose.id}>
            <div className="flex items-baseline justify-between gap-3">
              <span className="text-[17px] leading-tight font-semibold">{dose.ingredient}</span>
              <span className="figure text-[28px] leading-none whitespace-nowrap">
                {doseText(dose, format)}
              </span>
            </div>
            <p className="text-[15px] leading-snug">
              {[...spoonLine(dose, planned, format, measures), ...waterLine(dose, planned, format)].join(
                '; ',
              )}
              {dose.id === 'acid' && dose.holdBackGrams > 0 && (
                <>
                  . First <strong>{acidText(dose, dose.grams - dose.holdBackGrams, format)}</strong>; hold
                  back <strong>{acidText(dose, dose.holdBackGrams, format)}</strong> until you have seen the
                  whey
                </>
              )}
              .
            </p>
            {planned.plan.cautions
              .filter((one) => one.told?.id === 'dose-off' && one.told.of === dose.id)
              .map((one) => (
                <p
                  key={one.text}
                  role="status"
                  className="mt-1 rounded-[10px] border-l-[6px] border-now-edge bg-now-wash px-3 py-1.5 text-[15px]"
                >
                  {cautionText(one, format)}
                </p>
              ))}
            <div className="-ml-2 flex flex-wrap items-center gap-x-1">
              <InHand dose={dose} brief={planned.plan.brief} faults={faults} />
              {RECKONED[dose.id] && (
                <Link
                  to={`/reckon/${RECKONED[dose.id]}`}
                  aria-label={`Reckon ${dose.ingredient} alone`}
                  className="inline-flex min-h-8 items-center px-2 text-[14px] text-ink-soft underline decoration-rim-soft underline-offset-4"
                >
                  reckon
                </Link>
              )}
            </div>
            {dose.id === 'acid' && <AcidNotes dose={dose} planned={planned} format={format} />}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The water a dose goes into, and what else is to be known of it in a word. */
function waterLine(dose: Dose, { plan, parameters }: Planned, format: Format): string[] {
  const water = `in ${format.millilitres(dose.diluteInMl)} of cool water`;
  if (dose.id === 'salt') {
    const stage = plan.stages.find((one) => takes(one, parameters, 'salt'));
    return stage && goalOf(stage, parameters)?.is === 'salt'
      ? ['of the weight expected: weigh the drained cheese']
      : ['for all of the water: most of it leaves with the whey'];
  }
  if (dose.diluteInMl <= 0) return [];
  if (dose.id === 'brine-salt') return [`${water}, boiled once and cooled`];
  if (dose.id === 'coagulant') return [`${water} without chlorine, only when it goes in`];
  return [`${water} without chlorine`];
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
  const inHand = inHandText(planned.plan.brief, dose.id);
  if (inHand !== null) return [`${inHand}, as you have it`];
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
  if (Math.abs(pHWithGrams(planned, held.grams) - acid.aimsAtPH) < 0.005)
    return [`${held.text}, level: ${by}`];
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
  if (standIns.length === 0 && !need) return null;
  return (
    <details className="text-[15px] text-ink-soft">
      <summary className="cursor-pointer py-1">What else would do, and how sure it is</summary>
      {standIns.length > 0 && (
        <p>
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
        <p>
          This milk may want {acidText(dose, grams(need.low), format)} to{' '}
          {acidText(dose, grams(need.high), format)}
          {hinge && `, mostly because of the ${hinge.on}: ${hinge.sharpenBy}`}.
        </p>
      )}
    </details>
  );
}
