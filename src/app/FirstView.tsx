import { Link, Navigate } from 'react-router';
import { FIRST_METHOD } from '../makes';
import { type Planned, planBrief } from '../plan/plan';
import { useFormat } from '../store/hooks';
import { selectLines, useAppSelector } from '../store/store';
import { PailFigure } from '../ui/charts/PailFigure';
import { pailOf } from '../views/plan/pail';

const SHOP_MILK: Planned = (() => {
  const planned = planBrief(
    {
      format: 'plump-pail/brief',
      version: 1,
      method: FIRST_METHOD.id,
      milk: { species: 'cow', litres: 4 },
    },
    { spread: false },
  );
  if (!planned.ok) throw new Error('plain cow’s milk can always be planned');
  return planned.value;
})();

/** A newcomer's first view: what this is and the three moments; whoever has made something goes on to the plan. */
export default function FirstView() {
  const loaded = useAppSelector((state) => state.data.loaded);
  const makes = useAppSelector(selectLines);
  const format = useFormat();
  if (!loaded) return null;
  if (makes.length > 0) return <Navigate to="/plan" replace />;
  const pail = pailOf(SHOP_MILK, format);
  return (
    <section className="grid items-center gap-x-10 py-2 lap:grid-cols-[minmax(0,1fr)_27rem]">
      <div className="max-w-[44rem]">
        <h1 className="text-[40px] tab:text-[54px]">A pan of milk, an acid, a thermometer.</h1>
        <p className="mt-4 text-[19px]">
          Say what milk you have. Plump Pail works out how much acid it takes, how hot, how long, and how much
          cheese will come of it; then it stands at the pot with you and keeps the book.
        </p>
        <ol className="mt-6 grid gap-4 tab:grid-cols-3">
          {[
            [
              'Plan',
              'Four litres of shop milk will do. Type its fat and protein from the label; every figure follows.',
            ],
            [
              'Make',
              'One stage at a time, large, with its countdown. Note what the thermometer says, and what the whey looks like.',
            ],
            [
              'Look back',
              'Weigh what came out. The book lays it beside the plan, so that next week’s is better on purpose.',
            ],
          ].map(([name, text], index) => (
            <li key={name} className="stitch pt-3">
              <span className="figure text-[40px]">{index + 1}</span>
              <h2 className="text-[24px]">{name}</h2>
              <p className="mt-1 text-[16px]">{text}</p>
            </li>
          ))}
        </ol>
        <Link
          to="/plan"
          className="mt-7 inline-flex min-h-[76px] items-center rounded-[20px] bg-enamel px-9 text-[22px] font-semibold text-on-enamel hover:bg-enamel-deep"
        >
          See what my milk can become
        </Link>
        <p className="mt-5 text-[16px]">
          Made here before, on another device?{' '}
          <Link to="/kitchen" className="font-semibold underline underline-offset-4">
            Bring your backup
          </Link>
          .
        </p>
      </div>
      <figure className="mt-8 lap:mt-0">
        <PailFigure {...pail} />
        <div className="h-[7px] rounded-full bg-rim" aria-hidden="true" />
        <figcaption className="mt-2 text-[15px] text-ink-soft">
          Four litres of cow’s milk made into ricotta: computed, not drawn from memory.
        </figcaption>
      </figure>
    </section>
  );
}
