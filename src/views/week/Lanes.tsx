import { addDays, format as formatDate, parseISO } from 'date-fns';
import { useAppSelector } from '../../store/store';
import { stagesOn } from './strands';
import { DAYS, type WeekHere } from './useWeek';

const WEEK_MIN = DAYS * 1440;

/** Pots, rings and the press, each a lane over the seven days: who has it when. */
export function Lanes({ here }: { here: WeekHere }) {
  const stages = stagesOn(here).filter(({ from, to }) => to > 0 && from < WEEK_MIN);
  const kitchen = useAppSelector((state) => state.kitchen);
  const lanes = [
    ...(kitchen.pots ?? []).map((pot) => ({
      name: pot.name,
      bars: stages.filter(({ uses, pot: of }) => of === pot.id && uses.includes('pot')),
    })),
    { name: 'rings', bars: stages.filter(({ uses }) => uses.includes('ring')) },
    { name: 'moulds', bars: stages.filter(({ uses }) => uses.includes('mould')) },
  ].filter(({ bars }) => bars.length > 0);
  if (lanes.length === 0) return null;
  const first = parseISO(here.firstDay);
  const share = (minute: number) => `${(100 * Math.min(WEEK_MIN, Math.max(0, minute))) / WEEK_MIN}%`;
  return (
    <details className="mt-4 print:hidden">
      <summary className="min-h-11 cursor-pointer py-2 text-[17px] font-semibold underline decoration-rim-soft underline-offset-4">
        Who has the pots, rings and moulds
      </summary>
      <div className="grid grid-cols-[6.5rem_minmax(0,1fr)] items-center gap-x-3 gap-y-1.5">
        <span />
        <div className="relative h-6" aria-hidden="true">
          {Array.from({ length: DAYS }, (_, day) => formatDate(addDays(first, day), 'EEE')).map(
            (name, day) => (
              <span
                key={name}
                className="absolute text-[14px] text-ink-soft"
                style={{ left: share(day * 1440) }}
              >
                {name}
              </span>
            ),
          )}
        </div>
        {lanes.map(({ name, bars }) => (
          <div key={name} className="contents">
            <span className="self-center text-right text-[15px] leading-tight">{name}</span>
            <ul className="relative h-7 rounded-lg border border-rim-soft bg-plate" aria-label={name}>
              {bars.map((bar) => (
                <li
                  key={`${bar.make} ${bar.stage}`}
                  title={bar.name}
                  className="absolute inset-y-1 rounded-sm bg-enamel"
                  style={{
                    left: share(bar.from),
                    width: `max(3px, calc(${share(bar.to)} - ${share(bar.from)}))`,
                  }}
                >
                  <span className="sr-only">{bar.name}</span>
                </li>
              ))}
            </ul>
          </div>
        ))}
      </div>
    </details>
  );
}
