import { Link, Navigate, useParams } from 'react-router';
import { selectLines, selectRunning, useAppSelector } from '../../store/store';
import { Stand } from './Stand';

/** At the pot: the make named in the address, or the one that runs; with several, which one. */
export default function PotView() {
  const { id } = useParams();
  const loaded = useAppSelector((state) => state.data.loaded);
  const lines = useAppSelector(selectLines);
  const running = useAppSelector(selectRunning);
  // What runs may be known before all the rest.
  if (!loaded && running.length === 0) return null;
  if (id === undefined) {
    const [only, ...more] = running;
    if (only && more.length === 0) return <Navigate to={`/pot/${only.id}`} replace />;
    return <WhichPot />;
  }
  if (lines.some((one) => one.id === id && one.endedAt !== null))
    return <Navigate to={`/book/${id}`} replace />;
  const make = running.find((one) => one.id === id);
  if (!make && !loaded) return null;
  if (!make) return <Nothing text="There is no such make on this device." />;
  return <Stand key={id} id={id} state={make.state} />;
}

function WhichPot() {
  const running = useAppSelector(selectRunning);
  if (running.length === 0) return <Nothing text="No make is under way." />;
  return (
    <section>
      <h1 className="text-[36px]">Which pot?</h1>
      <ul className="mt-4 space-y-4">
        {running.map(({ id, state }) => (
          <li key={id}>
            <Link to={`/pot/${id}`} className="plate name flex min-h-[76px] items-center px-6 text-[26px]">
              {state.name}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Nothing({ text }: { text: string }) {
  return (
    <section className="py-8">
      <h1 className="text-[36px]">{text}</h1>
      <p className="mt-3 text-[19px]">Plan one first, then take it to the pot.</p>
      <Link
        to="/plan"
        className="mt-6 inline-flex min-h-[76px] items-center rounded-[20px] bg-enamel px-9 text-[22px] font-semibold text-on-enamel"
      >
        To the plan
      </Link>
      <p className="mt-5 text-[17px]">
        Or{' '}
        <Link to="/practise" className="font-semibold underline underline-offset-4">
          practise on a pot that answers
        </Link>
        : nothing of it comes into the book.
      </p>
    </section>
  );
}
