import { Link, Navigate } from 'react-router';
import { selectMakes, useAppSelector } from '../../store/store';

/** A newcomer's first view: what this is and the three moments; whoever has made something goes on to the plan. */
export default function FirstView() {
  const loaded = useAppSelector((state) => state.data.loaded);
  const makes = useAppSelector(selectMakes);
  if (!loaded) return null;
  if (makes.length > 0) return <Navigate to="/plan" replace />;
  return (
    <section className="mx-auto max-w-[46rem] py-4">
      <h1 className="text-[40px] tab:text-[54px]">A pan of milk, an acid, and an hour.</h1>
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
    </section>
  );
}
