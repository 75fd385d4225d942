import { useMemo } from 'react';
import { Link } from 'react-router';
import { amountOfGrams, gramsOfProduct } from '../../core/acid/acids';
import { bufferOf } from '../../core/acid/buffer';
import { pHAfter, titrantOf } from '../../core/acid/titrate';
import { DROP_ML } from '../../core/coagulant/strength';
import type { Fault } from '../../core/faults/fault';
import { SPOONABLES, saltOf, spoonsFor } from '../../core/salt/spoons';
import type { Format } from '../../core/units/format';
import { goalOf, takes } from '../../makes/asked';
import type { Method } from '../../makes/method';
import type { Resolved } from '../../plan/brief/resolved';
import { cautionText, doseCautioned } from '../../plan/cautionText';
import { givenDose } from '../../plan/measures';
import { acidStrengthIn } from '../../plan/moved';
import type { Planned } from '../../plan/plan';
import type { Dose, Plan } from '../../plan/schema';
import { acidStandIns } from '../../plan/standIns';
import { acidText, doseText } from '../../plan/telling';
import { pailOf as milkOf, NO_DEPARTURE } from '../../plan/world';
import { useFormat } from '../../store/hooks';
import { useAppSelector } from '../../store/store';
import { FaultText } from '../../ui/parts/NumberField';
import { SayFault } from '../../ui/say/look';
import { SayMore } from '../../ui/say/SayMore';
import { faultText } from '../common/faultText';
import { WhatItChanges } from './Changes';
import { Addable, Product } from './Ingredients';
import { givenFault, InHand, inHandText } from './InHand';

/** The computation behind a dose, alone in the reckoner. */
const RECKONED: Partial<Record<Dose['id'], string>> = {
  acid: 'acid-dose',
  coagulant: 'coagulant-dose',
  salt: 'salt',
  'brine-salt': 'brine',
};

const SPOON_TSP = { '1/8': 0.125, '1/4': 0.25, '1/2': 0.5, '1': 1 } as const;

/** To weigh out: each with its product, grams first, then the spoon that comes closest and what that does, then what to hold back and why. */
export function Doses({
  planned,
  method,
  faults,
}: {
  planned: Planned;
  method: Method;
  faults: readonly Fault[];
}) {
  const format = useFormat();
  const { dropMl = DROP_ML, smallestSpoon = '1/8' } = useAppSelector((state) => state.kitchen);
  const measures = { dropMl, smallestTsp: SPOON_TSP[smallestSpoon] };
  const { plan } = planned;
  return (
    <section aria-label="To weigh out">
      <h2 className="text-[21px]">To weigh out</h2>
      <ul>
        {plan.doses.map((dose) => {
          const own = productFaults(dose.id, faults);
          return (
            <li key={dose.id} className="stitch mt-1.5 pt-1" data-dose={dose.id}>
              <div className="flex items-baseline justify-between gap-3">
                <SayMore
                  label={`Which ${PRODUCT[dose.id]}: ${dose.ingredient}`}
                  text={dose.ingredient}
                  said={saidOf(dose, plan)}
                  faulty={own.length > 0}
                >
                  <Product id={dose.id} method={method} faults={faults} plan={plan} />
                  {dose.id === 'acid' && <AcidNotes dose={dose} planned={planned} format={format} />}
                  <WhatItChanges />
                </SayMore>
                <Amount dose={dose} plan={plan} faults={faults} />
              </div>
              <p className="mt-0.5 text-[15px] leading-snug">
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
              {own.map((fault) => (
                <FaultText key={fault.path}>{faultText(fault, format)}</FaultText>
              ))}
              {plan.cautions
                .filter((one) => doseCautioned(one) === dose.id)
                .map((one) => (
                  <p
                    key={one.text}
                    role="status"
                    className="mt-1 rounded-[10px] border-l-[6px] border-now-edge bg-now-wash px-3 py-1.5 text-[15px]"
                  >
                    {cautionText(one, format)}
                  </p>
                ))}
            </li>
          );
        })}
      </ul>
      <Addable method={method} plan={plan} />
    </section>
  );
}

/** What a dose is asked for as. */
const PRODUCT: Record<Dose['id'], string> = {
  acid: 'acid',
  calcium: 'calcium',
  coagulant: 'coagulant',
  culture: 'culture',
  salt: 'salt',
  cream: 'cream',
  lipase: 'lipase',
  'brine-salt': 'salt for the brine',
};

/** Whether the product is another than where nobody said anything. */
function saidOf(dose: Dose, { brief }: Plan): boolean {
  switch (dose.id) {
    case 'acid':
      return brief.acid?.kind !== 'citric';
    case 'culture':
      return brief.culture?.form !== 'freeze-dried';
    case 'coagulant':
      return brief.coagulant?.form !== 'liquid';
    case 'salt':
    case 'brine-salt':
      return saltOf(brief.salt?.kind) !== saltOf();
    default:
      return false;
  }
}

/** Faults of what a dose is taken from; those of an amount in hand stand at the amount. */
export const productFaults = (id: Dose['id'], faults: readonly Fault[]): Fault[] =>
  faults.filter((one) => (one.path === id || one.path.startsWith(`${id}.`)) && !one.path.includes('.given'));

/** How much of it: computed, or as one has it in hand. */
function Amount({ dose, plan, faults }: { dose: Dose; plan: Plan; faults: readonly Fault[] }) {
  const format = useFormat();
  const text = doseText(dose, format);
  const fault = givenFault(dose.id, faults);
  const id = givenDose(dose.id);
  const figure = <span className="figure text-[28px] leading-none whitespace-nowrap">{text}</span>;
  if (!id) return figure;
  return (
    <span className="text-right">
      <SayMore
        label={`I have another amount of ${PRODUCT[dose.id]}: ${text}`}
        text={figure}
        said={inHandText(plan.brief, dose.id) !== null}
        faulty={fault !== undefined}
      >
        <InHand id={id} dose={dose} />
        {RECKONED[dose.id] && (
          <Link
            to={`/reckon/${RECKONED[dose.id]}`}
            aria-label={`Reckon ${dose.ingredient} alone`}
            className="mt-1 inline-flex min-h-11 items-center text-[15px] text-ink-soft underline decoration-rim-soft underline-offset-4"
          >
            reckon it alone
          </Link>
        )}
        <WhatItChanges />
      </SayMore>
      {fault && <SayFault>{faultText(fault, format)}</SayFault>}
    </span>
  );
}

/** The water a dose goes into, and what else is to be known of it in a word. */
function waterLine(dose: Dose, { plan, parameters }: Planned, format: Format): string[] {
  const water = `in ${format.millilitres(dose.diluteInMl)} of cool water`;
  if (dose.id === 'salt') {
    const stage = plan.stages.find((one) => takes(one, parameters, 'salt'));
    return stage && goalOf(stage, parameters)?.is === 'salt'
      ? ['of the weight expected: weigh it before you salt it']
      : ['for all of the water: most of it leaves with the whey'];
  }
  if (dose.diluteInMl <= 0) return [];
  if (dose.id === 'brine-salt') {
    const of = plan.brief.options?.brineOf === 'whey' ? 'its own whey, skimmed' : 'cool water';
    return [`in ${format.millilitres(dose.diluteInMl)} of ${of}, boiled once and cooled`];
  }
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
    (dose.id === 'salt' || dose.id === 'brine-salt' ? saltOf(planned.plan.brief.salt?.kind) : null);
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

function pHWithGrams({ plan, method, milkPH }: Planned, grams: number): number {
  const brief = plan.brief as Resolved;
  if (!brief.acid) return milkPH;
  const milk = milkOf(brief, method, brief.milk.litres ?? 1, NO_DEPARTURE);
  return pHAfter(
    bufferOf(milk, brief.milk.pH),
    titrantOf(brief.acid, { strength: acidStrengthIn(plan) }),
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
