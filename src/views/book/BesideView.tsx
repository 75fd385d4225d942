import { Link, useSearchParams } from 'react-router';
import { capital } from '../../core/units/capital';
import { type Beside, beside } from '../../judge/beside';
import { isOver } from '../../run/state';
import { lineOf, type MakeView } from '../../store/folded';
import { useFormat } from '../../store/hooks';
import { useMakes } from '../../store/useMake';
import { dayText, hoursText } from '../common/times';
import { BesideTrack } from './BesideTrack';
import { STROKES } from './besideStrokes';
import { Score } from './Score';

/** Two or three makes beside one another: what they did otherwise first, then the one track they are laid on. */
export default function BesideView() {
  const [search] = useSearchParams();
  const makes = useMakes((search.get('of') ?? '').split(',').slice(0, STROKES.length));
  if (!makes) return null;
  const [first, ...others] = makes.filter(({ state }) => isOver(state));
  return (
    <article>
      <Link
        to="/book"
        className="inline-flex min-h-11 items-center text-[16px] font-semibold underline underline-offset-4"
      >
        The book
      </Link>
      <h1 className="text-[36px]">Side by side</h1>
      {!first || others.length === 0 ? (
        <p className="mt-4 text-[19px]">
          Pick two or three makes in the book to lay them beside one another.
        </p>
      ) : (
        <>
          <div className="mt-3 grid gap-4 tab:grid-cols-3">
            {makes.map((make, i) => (
              <Head key={make.id} make={make} place={i} />
            ))}
          </div>
          {others.map((other) => (
            <Told key={other.id} first={first} other={other} />
          ))}
          <section aria-label="On one track" className="mt-6">
            <h2 className="text-[24px]">On one track</h2>
            <BesideTrack makes={makes} />
          </section>
        </>
      )}
    </article>
  );
}

function Head({ make, place }: { make: MakeView; place: number }) {
  const format = useFormat();
  const line = lineOf(make);
  const stroke = STROKES[place] ?? STROKES[0];
  return (
    <Link to={`/book/${make.id}`} className="block rounded-xl px-1 py-2 hover:bg-plate">
      <svg width={120} height={8} aria-hidden="true" className="block">
        <path d="M2 4H118" stroke={stroke.colour} strokeWidth={4} strokeDasharray={stroke.dash} />
      </svg>
      <span className="name mt-1 block text-[22px] leading-tight">{line.name}</span>
      <span className="block text-[15px] text-ink-soft">
        {dayText(line.startedAt)} · {line.title}
      </span>
      <span className="mt-1 block text-[17px]">
        <span className="figure">{line.weighedKg === null ? 'not weighed' : format.kg(line.weighedKg)}</span>
        {line.kgPer100L !== null && ` of ${format.litres(line.litres)}`}
        {line.yieldShare !== null && `, ${format.percent(Math.round(100 * line.yieldShare))} of plan`}
      </span>
      <span className="block text-[16px]">
        {line.score !== null && <Score value={line.score} />}
        {line.handsMinPerKg !== null &&
          ` ${hoursText(format.perMass(line.handsMinPerKg))} of hands a ${format.massWord}`}
      </span>
    </Link>
  );
}

/** Two weighings agree no better than this, %. Common practice. */
const SCALE_PCT = 2;

/** The sentence that says how much more or less came, and what of it is explained. */
function gapText(told: Beside, names: readonly [string, string], percent: (value: number) => string): string {
  const { yieldPct, unexplainedPct } = told;
  if (yieldPct === null) return 'One of them was not weighed, so their yields cannot be compared.';
  const size = Math.round(Math.abs(yieldPct));
  const gap =
    size === 0
      ? `${names[1]} gave as much cheese of a litre as ${names[0]}.`
      : `${names[1]} gave ${percent(size)} ${yieldPct > 0 ? 'more' : 'less'} cheese of a litre than ${names[0]}.`;
  if (unexplainedPct === null) return gap;
  const rest = Math.round(Math.abs(unexplainedPct));
  if (rest <= SCALE_PCT) return size === 0 ? gap : `${gap} What differs accounts for it.`;
  return `${gap} By what differs, it should have been ${percent(rest)} ${unexplainedPct > 0 ? 'less' : 'more'} than it was: nothing that was noted says why.`;
}

function Told({ first, other }: { first: MakeView; other: MakeView }) {
  const format = useFormat();
  const told = beside(first.state, other.state, format);
  const yields = told.differences.map(({ yieldPct }) =>
    yieldPct === null || Math.abs(yieldPct) < 0.1
      ? ''
      : `${yieldPct > 0 ? '+' : '−'}${format.percent(Math.abs(yieldPct), 1)}`,
  );
  const anyYield = yields.some((text) => text !== '');
  return (
    <section aria-label={`${other.state.name} against ${first.state.name}`} className="mt-6">
      <h2 className="text-[24px]">What was otherwise</h2>
      <p className="mt-1 max-w-[46rem] text-[18px]">
        {gapText(told, [first.state.name, other.state.name], (value) => format.percent(value))}
      </p>
      {told.differences.length === 0 ? (
        <p className="mt-2 text-[17px] text-ink-soft">Nothing that was noted differs.</p>
      ) : (
        <table className="mt-2 w-full max-w-[60rem] text-[17px]">
          <thead>
            <tr className="border-b-2 border-rim text-left text-[15px]">
              <th scope="col" className="py-2 pr-4 font-semibold">
                what
              </th>
              <th scope="col" className="pr-4 font-semibold">
                {first.state.name}
              </th>
              <th scope="col" className="pr-4 font-semibold">
                {other.state.name}
              </th>
              {anyYield && (
                <th scope="col" className="text-right font-semibold">
                  makes of the yield
                </th>
              )}
            </tr>
          </thead>
          <tbody>
            {told.differences.map(({ what, each }, i) => (
              <tr key={what} className="border-b border-rim-soft">
                <th scope="row" className="py-2 pr-4 text-left font-semibold">
                  {capital(what)}
                </th>
                <td className="pr-4">{each[0]}</td>
                <td className="pr-4">{each[1]}</td>
                {anyYield && <td className="figure text-right whitespace-nowrap">{yields[i]}</td>}
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
