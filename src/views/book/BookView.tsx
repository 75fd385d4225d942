import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { methodIn } from '../../run/frozen';
import { reviewOf } from '../../run/review';
import { useFormat } from '../../store/hooks';
import { usePorts } from '../../store/ports';
import { type MakeView, selectOver, useAppSelector } from '../../store/store';
import { importMake } from '../../store/vault';
import { Boundary, useBehind } from '../common/Boundary';
import { TakeFile } from '../common/TakeFile';
import { dayText } from '../common/times';
import { YieldMark } from './YieldMark';

/** The book: finished makes, each with what came out against what was planned. */
export default function BookView() {
  const makes = useAppSelector(selectOver);
  const { clock, db } = usePorts();
  const navigate = useNavigate();
  const behind = useBehind();
  const [wanted, setWanted] = useState('');
  const words = wanted.trim().toLowerCase();
  const shown = makes.filter(({ state }) =>
    [state.name, state.milkName, methodIn(state)?.title ?? '', ...state.tastings.map((one) => one.text)]
      .join(' ')
      .toLowerCase()
      .includes(words),
  );
  return (
    <section>
      <div className="flex flex-wrap items-end justify-between gap-x-8 gap-y-3">
        <h1 className="text-[36px]">The book</h1>
        <div className="flex flex-wrap items-start gap-4">
          <input
            type="search"
            aria-label="Find in the book"
            placeholder="find a name, a milk, a taste"
            value={wanted}
            onChange={(event) => setWanted(event.target.value)}
            className="field-line min-h-12 w-64 bg-transparent text-[17px] outline-none placeholder:text-ink-soft"
          />
          <TakeFile
            text="Take in a make"
            take={async (value) => {
              const taken = await importMake(db, value, clock.wall());
              // The pot sends what is over back to the book.
              if (taken.ok) navigate(`/pot/${taken.value}`);
              return taken;
            }}
          />
        </div>
      </div>
      {makes.length === 0 ? (
        <p className="mt-6 max-w-[40rem] text-[19px]">
          Nothing is finished yet. A make comes into the book by itself when you weigh it at the end.{' '}
          <Link to="/plan" className="font-semibold underline underline-offset-4">
            Plan the first one
          </Link>
          .
        </p>
      ) : shown.length === 0 ? (
        <p className="mt-6 text-[19px]">Nothing in the book speaks of “{wanted}”.</p>
      ) : (
        <ol className="mt-4">
          {shown.map((make) => (
            <li key={make.id} className="stitch">
              <Boundary what={make.state.name} behind={behind({ table: 'makes', id: make.id })} small>
                <Entry make={make} />
              </Boundary>
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}

function Entry({ make: { id, state } }: { make: MakeView }) {
  const format = useFormat();
  const review = reviewOf(state);
  const last = state.tastings.at(-1);
  return (
    <Link
      to={`/book/${id}`}
      className="grid gap-x-6 gap-y-1 rounded-xl px-2 py-4 hover:bg-plate tab:grid-cols-[minmax(0,1.1fr)_15rem_minmax(0,1fr)] tab:items-center"
    >
      <span className="min-w-0">
        <span className="name block text-[24px]">{state.name}</span>
        <span className="block text-[15px] text-ink-soft">
          {dayText(state.startedAt)} · {methodIn(state)?.short} ·{' '}
          {format.litres(state.plan.brief.milk.litres ?? 0)}
          {state.milkName && ` of ${state.milkName}`}
        </span>
      </span>
      {state.abandoned ? (
        <span className="text-[16px]">given up{state.abandoned.reason && `: ${state.abandoned.reason}`}</span>
      ) : (
        <YieldMark review={review} />
      )}
      <span className="min-w-0 text-[16px]">
        {review.acidRatio !== null && (
          <span className="block">acid used: {format.percent(review.acidRatio * 100)} of the plan</span>
        )}
        {last && (
          <span className="block">
            <Score value={last.score} /> “{last.text}”
          </span>
        )}
      </span>
    </Link>
  );
}

/** A score out of five, as a word and filled rounds. */
export function Score({ value }: { value: number }) {
  return (
    <span role="img" aria-label={`${Math.round(value)} of 5`} className="tracking-[0.12em] whitespace-nowrap">
      <span aria-hidden="true">
        {'●'.repeat(Math.round(value))}
        {'○'.repeat(5 - Math.round(value))}
      </span>
    </span>
  );
}
