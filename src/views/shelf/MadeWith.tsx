import { Link } from 'react-router';
import { madeWith } from '../../run/shelf';
import { selectLines, useAppSelector } from '../../store/store';

const MOST_NAMED = 3;

/** The makes that something of the shelf went into, latest first. */
export function MadeWith({ id }: { id: string }) {
  const used = madeWith(id, useAppSelector(selectLines));
  if (used.length === 0) return null;
  return (
    <p className="text-[14px]">
      In{' '}
      {used.slice(0, MOST_NAMED).map((make, i) => (
        <span key={make.id}>
          {i > 0 && ', '}
          <Link to={`/book/${make.id}`} className="underline decoration-rim-soft underline-offset-4">
            {make.name}
          </Link>
        </span>
      ))}
      {used.length > MOST_NAMED && ` and ${used.length - MOST_NAMED} more`}
    </p>
  );
}
