import { useMemo, useState } from 'react';
import { FIELD_UNITS } from '../../core/units/format';
import { readNumber, roundTo } from '../../core/units/numbers';
import type { MakeState } from '../../run/state';
import { worthOf } from '../../run/worth';
import { useFormat } from '../../store/hooks';
import { kitchenChanged } from '../../store/slices/kitchen';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { FaultText } from '../../ui/parts/NumberField';
import { TextLine } from '../../ui/parts/TextLine';
import { moneyText } from '../common/money';
import { hoursText } from '../common/times';

const MOST_PRICE = 1e6;

/** What a weighed kilo, or a pound, cost in money and hands, against a shop's; and what a bigger batch would change. */
export function WorthIt({ state }: { state: MakeState }) {
  const format = useFormat();
  const dispatch = useAppDispatch();
  const { shopPrices = {}, currency } = useAppSelector((app) => app.kitchen);
  const method = state.plan.method;
  const price = shopPrices[method] ?? null;
  const [typed, setTyped] = useState<string | null>(null);
  const worth = useMemo(() => worthOf(state, price), [state, price]);
  if (!worth) return null;
  const money = (value: number) => moneyText(value, currency, format);
  const aMass = (perKg: number) => money(format.perMass(perKg));
  const hands = (minPerKg: number) => hoursText(format.perMass(minPerKg));
  const text = typed ?? (price === null ? '' : String(roundTo(format.perMass(price), 2)));
  const perKg = (typed: string): number | null => {
    const value = readNumber(typed);
    return value === null ? null : FIELD_UNITS.perMass.in(value, format.units);
  };
  const read = perKg(text);
  const faulty = text.trim() !== '' && (read === null || read < 0 || read > MOST_PRICE);
  const change = (next: string) => {
    setTyped(next);
    const value = perKg(next);
    if (next.trim() !== '' && (value === null || value < 0 || value > MOST_PRICE)) return;
    const { [method]: _was, ...others } = shopPrices;
    dispatch(kitchenChanged({ shopPrices: value === null ? others : { ...others, [method]: value } }));
  };
  const { larger } = worth;
  return (
    <section aria-label="Worth it?" className="mt-6">
      <h2 className="text-[24px]">Worth it?</h2>
      <p className="mt-1 text-[17px]">
        A {format.massWord} took <strong>{hands(worth.handsMinPerKg)}</strong> of hands
        {worth.costPerKg !== null && (
          <>
            {' '}
            and <strong>{aMass(worth.costPerKg)}</strong> of milk and all that went in
          </>
        )}
        .
      </p>
      {worth.costPerKg === null ? (
        <p className="text-[16px] text-ink-soft">Say its price in the plan, and the money is told too.</p>
      ) : (
        <div className="mt-2 max-w-[20rem]">
          <TextLine
            label={`A ${format.massWord} in a shop`}
            unit={currency ?? ''}
            value={text}
            onChange={change}
          />
          {faulty && <FaultText>Give a price from 0 to a million, or leave it empty.</FaultText>}
        </div>
      )}
      {worth.savedPerKg !== null && (
        <p className="mt-2 text-[17px]">
          {worth.savedPerHandsHour === null
            ? `The shop’s is ${aMass(-worth.savedPerKg)} cheaper by the ${format.massWord}, before any hands are paid.`
            : `That is ${aMass(worth.savedPerKg)} a ${format.massWord} for your hands: ${money(worth.savedPerHandsHour)} an hour.`}
        </p>
      )}
      {larger && (
        <p className="mt-1 text-[17px]">
          With {format.litres(larger.litres)} a {format.massWord} would take {hands(larger.handsMinPerKg)} of
          hands
          {larger.costPerKg !== null && ` and ${aMass(larger.costPerKg)}`}.
        </p>
      )}
    </section>
  );
}
