import { Link } from 'react-router';
import { madeWith } from '../../run/shelf';
import { selectMakes, useAppSelector } from '../../store/store';

const MOST_NAMED = 3;

/** The makes that something of the shelf went into, latest first. */
export function MadeWith({ id }: { id: string }) {
  const makes = useAppSelector(selectMakes);
  const used = madeWith(
    id,
    makes.map(({ state }) => state),
  );
  if (used.length === 0) return null;
  return (
    <p className="text-[14px]">
      In{' '}
      {used.slice(0, MOST_NAMED).map((state, i) => (
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
      {used.length > MOST_NAMED && ` and ${used.length - MOST_NAMED} more`}
    </p>
  );
}
