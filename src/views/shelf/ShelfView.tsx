import { format as formatDate, parseISO } from 'date-fns';
import { GOOD_KINDS, type Good, type GoodKind, strengthNow, usable } from '../../kitchen/goods';
import { planBrief } from '../../plan/plan';
import { leftOf } from '../../run/shelf';
import { useFormat, useNow } from '../../store/hooks';
import { useMethodBook } from '../../store/methodBook';
import { usePorts } from '../../store/ports';
import { selectUsed, useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { dayText } from '../common/times';
import { briefOf } from '../draft/briefOf';
import { useBelief } from '../draft/useBelief';
import { Board } from './Board';
import { GoodSheet } from './GoodSheet';
import { MilkShelf } from './MilkShelf';
import { ToBuy } from './ToBuy';

const NAMES: Record<GoodKind, string> = {
  acid: 'Acids',
  coagulant: 'Coagulants',
  culture: 'Cultures',
  calcium: 'Calcium',
  salt: 'Salt',
  lipase: 'Lipase',
};

/** Shelf: the milks, what stands beside them, what is left of it, and what to buy. */
export default function ShelfView() {
  const goods = useAppSelector((state) => state.data.goods);
  return (
    <section>
      <h1 className="text-[36px]">Shelf</h1>
      <MilkShelf />
      <div className="mt-8 flex flex-wrap items-center justify-between gap-3">
        <h2 className="text-[26px]">On the boards</h2>
        <GoodSheet trigger={<Button tone="main">Put something on the shelf</Button>} />
      </div>
      {goods.length === 0 && (
        <p className="mt-2 text-[16px] text-ink-soft">
          Nothing yet. Put your coagulant here with its strength and the day you opened it, and every plan
          reckons with what is left of it.
        </p>
      )}
      <div className="mt-2 grid gap-x-8 gap-y-5 tab:grid-cols-2 lap:grid-cols-3">
        {GOOD_KINDS.map((kind) => {
          const here = goods.filter((good) => good.kind === kind);
          return (
            here.length > 0 && (
              <section key={kind} aria-label={NAMES[kind]}>
                <h3 className="text-[20px]">{NAMES[kind]}</h3>
                {here.map((good) => (
                  <OnBoard key={good.id} good={good} />
                ))}
              </section>
            )
          );
        })}
      </div>
      <ToBuy planned={usePlanned()} />
    </section>
  );
}

/** The plan that lies open, so that the shelf can say what it lacks. */
function usePlanned() {
  const draft = useAppSelector((state) => state.draft);
  const kitchen = useAppSelector((state) => state.kitchen);
  const now = useNow(600_000);
  const methods = useMethodBook();
  const { brief } = briefOf(draft, kitchen, formatDate(now, "yyyy-MM-dd'T'HH:mm"), methods);
  const belief = useBelief(null);
  const result = brief && planBrief(brief, { spread: false, belief, methods });
  return result?.ok ? result.value : null;
}

function OnBoard({ good }: { good: Good }) {
  const { db } = usePorts();
  const format = useFormat();
  const now = useNow(3_600_000);
  const used = useAppSelector(selectUsed);
  const left = leftOf(good, used.goods);
  const strength = strengthNow(good, now);
  const measured = (amount: number) =>
    good.measure === 'g'
      ? format.grams(amount)
      : good.measure === 'mL'
        ? format.millilitres(amount)
        : `${format.number(amount, amount % 1 === 0 ? 0 : 1)} ${amount === 1 ? good.measure.replace(/s$/, '') : good.measure}`;
  return (
    <Board
      id={good.id}
      name={good.name}
      left={left === null ? null : measured(left)}
      takeOff={() => db.goods.delete(good.id)}
      putBack={() => db.goods.put(good)}
      buttons={
        <GoodSheet
          good={good}
          trigger={
            <Button size="small" tone="quiet" aria-label={`change ${good.name}`}>
              change
            </Button>
          }
        />
      }
    >
      <p className="text-[14px] text-ink-soft">
        {[
          good.lot && `lot ${good.lot}`,
          good.opened ? `open since ${dayText(parseISO(good.opened).getTime())}` : 'closed',
          strength !== null && `${format.percent(strength * 100)} of its strength left`,
          good.origin,
          good.allergens && `contains ${good.allergens}`,
        ]
          .filter(Boolean)
          .join(' · ')}
      </p>
      {!usable(good) && (
        <p className="text-[15px] font-semibold text-danger">{good.condition}: do not use it.</p>
      )}
    </Board>
  );
}
