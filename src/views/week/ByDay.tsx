import { addDays, format as formatDate, parseISO } from 'date-fns';
import { useMemo } from 'react';
import { wallMinutes, wallTimeOf } from '../../core/units/wallTime';
import { kitOf } from '../../plan/kit';
import { useFormat } from '../../store/hooks';
import { useAppSelector } from '../../store/store';
import { hoursText } from '../common/times';
import { DAY_MIN, stagesOn } from './strands';
import { DAYS, type WeekHere } from './useWeek';

/** Hands wanted for less than this are a tap in passing, min. */
const SHORTEST_MIN = 1;

/** Whenever hands are wanted, in the order of the clock: minutes from the first day. */
const momentsOf = (here: WeekHere) =>
  stagesOn(here)
    .flatMap(({ hands, ...stage }) =>
      hands.map(([from, to], i) => ({
        ...stage,
        at: from,
        hands: to - from,
        round: hands.length > 1 ? `, ${i + 1} of ${hands.length}` : '',
      })),
    )
    .filter(({ hands }) => hands >= SHORTEST_MIN)
    .sort((a, b) => a.at - b.at);

/** The sheet for the wall: day by day what is to be done when, how long hands are wanted, and what has to lie ready. */
export function ByDay({ here }: { here: WeekHere }) {
  const format = useFormat();
  const kitchen = useAppSelector((state) => state.kitchen);
  const moments = useMemo(() => momentsOf(here), [here]);
  const first = parseISO(here.firstDay);
  const from = wallMinutes(here.firstDay) ?? 0;
  const kits = useMemo(
    () =>
      Array.from({ length: DAYS }, (_, day) => {
        const begins = (here.laid?.placed ?? []).filter(
          ({ start }) => Math.floor(((wallMinutes(start) ?? 0) - from) / DAY_MIN) === day,
        );
        const items = begins.flatMap(({ id }) => {
          const planned = here.plans.find(({ wish }) => wish.id === id)?.planned;
          return planned ? kitOf(planned, format, kitchen).map(({ what }) => what) : [];
        });
        return [...new Set(items)];
      }),
    [here, from, format, kitchen],
  );
  const days = Array.from({ length: DAYS }, (_, day) => ({
    name: formatDate(addDays(first, day), 'EEEE d MMM'),
    of: moments.filter(({ at }) => Math.floor(at / DAY_MIN) === day),
    kit: kits[day] ?? [],
  })).filter(({ of }) => of.length > 0);
  if (days.length === 0) return null;
  return (
    <section aria-label="Day by day" className="mt-6">
      <h2 className="text-[24px]">Day by day</h2>
      <div className="mt-1 gap-x-8 tab:columns-2 lap:columns-3">
        {days.map(({ name, of, kit }) => (
          <section key={name} aria-label={name} className="stitch mb-4 break-inside-avoid-column pt-2">
            <h3 className="name flex items-baseline justify-between gap-3 text-[20px]">
              {name}
              <span className="font-plain text-[15px] font-normal text-ink-soft">
                hands {hoursText(of.reduce((sum, { hands }) => sum + hands, 0))}
              </span>
            </h3>
            <ol>
              {of.map((one) => (
                <li
                  key={`${one.at} ${one.make}`}
                  className="flex items-baseline gap-3 text-[16px] leading-snug"
                >
                  <strong className="figure w-14 shrink-0">{wallTimeOf(from + one.at).slice(11)}</strong>
                  <span>
                    {one.name}: {one.title}
                    {one.round}
                  </span>
                </li>
              ))}
            </ol>
            {kit.length > 0 && (
              <details className="text-[15px] print:hidden">
                <summary className="min-h-11 cursor-pointer py-2 font-semibold underline decoration-rim-soft underline-offset-4">
                  Lay ready: {kit.length} things
                </summary>
                <ul className="list-disc pl-5">
                  {kit.map((what) => (
                    <li key={what}>{what}</li>
                  ))}
                </ul>
              </details>
            )}
          </section>
        ))}
      </div>
    </section>
  );
}
