import { addDays, endOfDay, format as formatDate } from 'date-fns';
import { useNavigate } from 'react-router';
import { WHEY_KEEPS } from '../../core/curd/whey';
import { daysInFridge } from '../../core/safety/fridge';
import { habitOf } from '../../core/safety/habits';
import { SOURED_PH } from '../../core/safety/slowSouring';
import { FIRST_METHOD, METHODS } from '../../makes';
import { keepsDays } from '../../plan/keeps';
import { methodIn } from '../../plan/planOf';
import { wheyCooked } from '../../plan/telling';
import { heatedThrough } from '../../run/heated';
import { lotsOf } from '../../run/shelf';
import type { MakeState } from '../../run/state';
import { tastingsAt } from '../../run/taste';
import { safetySoFar } from '../../run/warm';
import { useFormat } from '../../store/hooks';
import { draftChanged, fieldsSet } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { momentText } from '../common/times';
import { GoOn } from './GoOn';
import { Ticks } from './Ticks';
import { WheyWent } from './WheyWent';

const day = (ms: Parameters<typeof formatDate>[0]) => formatDate(ms, 'd MMM yyyy');

/** What follows a make: its label with the use-by, when to taste it again, and what its whey is good for. */
export function Afterwards({ id, state, now }: { id: string; state: MakeState; now: number }) {
  const format = useFormat();
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const goods = useAppSelector((app) => app.data.goods);
  const fridgeC = useAppSelector((app) => app.kitchen.fridgeC) ?? null;
  const made = state.finishedAt;
  const method = methodIn(state);
  if (made === null || !method) return null;
  const days = daysInFridge(keepsDays(state.plan, method, heatedThrough(state)), fridgeC);
  const useBy = addDays(made, days);
  const slow = (safetySoFar(state, made)?.souring?.share ?? 0) > 1;
  const again = tastingsAt(state).find((at) => at > now);
  const { predictions: p, brief } = state.plan;
  const origins = state.taken.flatMap((one) => {
    const good = goods.find((known) => known.id === one.goodId);
    return [
      ...(good?.origin ? [`${good.origin} coagulant`] : []),
      ...(good?.allergens ? [good.allergens] : []),
    ];
  });
  const spiced = state.plan.cautions.some((one) => one.id === 'spice-allergens');
  const contains = [
    'milk',
    ...origins,
    ...(spiced ? ['mahleb (cherry stone)', 'mastic (pistachio family)'] : []),
  ];
  const habit = habitOf(method.style, brief.milk.treatment === 'raw');
  const wheyHours = (now - made) / 3_600_000;
  const wheyKind = wheyCooked(state.plan) ? null : p.wheyKind;
  const lots = lotsOf(state);
  const secondCooking = METHODS.find((one) => one.of === 'whey') ?? FIRST_METHOD;
  const takeWhey = () => {
    const at = (value: number) => ({ value: Math.round(value * 100) / 100, text: null });
    dispatch(
      draftChanged({ method: secondCooking.id, by: 'litres', milkId: null, species: brief.milk.species }),
    );
    dispatch(
      fieldsSet({
        litres: at(Math.max(0.2, p.wheyLitres)),
        wheyPH: at(Math.min(6.9, p.wheyPH)),
        startC: at(30),
      }),
    );
    navigate('/plan');
  };
  return (
    <section aria-label="Afterwards" className="mt-6">
      <h2 className="text-[24px]">Afterwards</h2>
      <p className="mt-1 text-[17px]">
        Eat within {days} {days === 1 ? 'day' : 'days'} at{' '}
        {format.temp(Math.max(4, fridgeC ?? 4), (fridgeC ?? 4) % 1 === 0 ? 0 : 1)} or below:{' '}
        <strong>by {day(useBy)}</strong>.{' '}
        {endOfDay(useBy).getTime() < now && (
          <strong className="text-danger">That has passed: do not eat it.</strong>
        )}
        {slow && (
          <strong className="text-danger">
            By its log it came to pH {format.number(SOURED_PH, 1)} too late, or nobody noted that it did:
            staphylococci may have left a toxin in it. Do not eat it.{' '}
          </strong>
        )}
        {again !== undefined && <>Taste it again {momentText(again, now)}: it changes its mind.</>}
      </p>
      {habit && (
        <dl className="mt-2 max-w-[52rem] text-[16px]" aria-label="Habit and advice">
          {(
            [
              ['Habit', habit.habit],
              ['Advice', habit.advice],
              ['What decides', habit.decides],
            ] as const
          ).map(([name, text]) => (
            <div key={name} className="mt-0.5 flex gap-2">
              <dt className="w-28 shrink-0 font-semibold">{name}</dt>
              <dd className="text-ink-soft">{text}</dd>
            </div>
          ))}
        </dl>
      )}
      <Ticks id={id} state={state} now={now} />
      {method.of === 'milk' && <WheyWent id={id} state={state} kind={wheyKind} hours={wheyHours} />}
      {lots.length > 0 && <p className="text-[16px] text-ink-soft">Lots: {lots.join(', ')}.</p>}
      <div className="mt-3 flex flex-wrap gap-3">
        <Button onClick={() => print()}>Print its label</Button>
        <GoOn id={id} state={state} now={now} />
        {method.of === 'milk' && wheyKind && wheyKind !== 'acid' && wheyHours < WHEY_KEEPS.sweetHours && (
          <Button onClick={takeWhey}>Ricotta from its {format.litres(p.wheyLitres)} of whey</Button>
        )}
      </div>
      <div className="label hidden print:block" aria-hidden="true">
        <p className="name text-[22pt]">{method.title}</p>
        <p>
          Made {day(made)} from {brief.milk.treatment} {brief.milk.species}’s milk
          {state.weighedKg !== null && ` · ${format.kg(state.weighedKg)}`}
        </p>
        <p className="text-[15pt]">
          <strong>Eat by {day(useBy)}</strong>, at 4 °C or below
        </p>
        <p>Contains {contains.join(', ')}.</p>
        {lots.length > 0 && <p>Lots: {lots.join(', ')}.</p>}
        {brief.milk.treatment === 'raw' && (
          <p>Made from raw milk: not for pregnant, very young, old or ill people.</p>
        )}
      </div>
    </section>
  );
}
