import { format as formatDate } from 'date-fns';
import { Link } from 'react-router';
import { toast } from 'sonner';
import { GOOD_KINDS, type Good, type GoodKind } from '../../files/shelf';
import { planBrief } from '../../plan/plan';
import { leftOf, madeWith } from '../../run/shelf';
import { useFormat, useNow } from '../../store/hooks';
import { usePorts } from '../../store/ports';
import { selectMakes, useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { briefOf } from '../common/briefOf';
import { strengthNow, usable } from '../common/goods';
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
      <ToBuy plan={usePlanned()} />
    </section>
  );
}

/** The plan that lies open, so that the shelf can say what it lacks. */
function usePlanned() {
  const draft = useAppSelector((state) => state.draft);
  const kitchen = useAppSelector((state) => state.kitchen);
  const now = useNow(600_000);
  const { brief } = briefOf(draft, kitchen, formatDate(now, "yyyy-MM-dd'T'HH:mm"));
  const result = brief && planBrief(brief, { spread: false });
  return result?.ok ? result.value.plan : null;
}

function OnBoard({ good }: { good: Good }) {
  const { db } = usePorts();
  const format = useFormat();
  const now = useNow(3_600_000);
  const makes = useAppSelector(selectMakes);
  const states = makes.map(({ state }) => state);
  const left = leftOf(good, states);
  const used = madeWith(good.id, states);
  const strength = strengthNow(good, now);
  const remove = async () => {
    await db.goods.delete(good.id);
    toast(`${good.name} is off the shelf.`, {
      action: { label: 'Put it back', onClick: () => void db.goods.put(good) },
    });
  };
  return (
    <article className="mt-2 border-b-[5px] border-rim pb-2" aria-label={good.name}>
      <div className="flex items-baseline justify-between gap-3">
        <span className="name text-[18px]">{good.name}</span>
        {left !== null && (
          <span className="figure text-[18px] whitespace-nowrap">
            {good.measure === 'g'
              ? format.grams(left)
              : good.measure === 'mL'
                ? format.millilitres(left)
                : `${format.number(left, left % 1 === 0 ? 0 : 1)} ${left === 1 ? good.measure.replace(/s$/, '') : good.measure}`}
          </span>
        )}
      </div>
      <p className="text-[14px] text-ink-soft">
        {[
          good.lot && `lot ${good.lot}`,
          good.opened ? `open since ${good.opened}` : 'closed',
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
      {used.length > 0 && (
        <p className="text-[14px]">
          In{' '}
          {used.slice(0, 3).map((state, i) => (
            <span key={state.startedAt}>
              {i > 0 && ', '}
              <Link
                to={`/book/${makes.find((one) => one.state === state)?.id}`}
                className="underline decoration-rim-soft underline-offset-4"
              >
                {state.name}
              </Link>
            </span>
          ))}
          {used.length > 3 && ` and ${used.length - 3} more`}
        </p>
      )}
      <div className="mt-1 flex gap-2">
        <GoodSheet
          good={good}
          trigger={
            <Button size="small" tone="quiet" aria-label={`change ${good.name}`}>
              change
            </Button>
          }
        />
        <Button size="small" tone="quiet" aria-label={`take off ${good.name}`} onClick={() => void remove()}>
          take off
        </Button>
      </div>
    </article>
  );
}
