import { addHours, format as formatDate, startOfHour } from 'date-fns';
import { lazy, Suspense } from 'react';
import { Link } from 'react-router';
import { clamp } from '../core/units/measures';
import { asleep, away } from '../kitchen/hours';
import { useNow } from '../store/hooks';
import { selectRunning, useAppSelector } from '../store/store';
import { useWidth } from '../ui/charts/useWidth';
import { Boundary, useBehind } from '../views/common/Boundary';
import { clockText, dayText } from '../views/common/times';

/** What tells how a make stands is large, and fetched with the first one that runs. */
const Strand = lazy(() => import('./Strand'));

const HOURS_BEFORE = 1;
const HOURS_AFTER = 23;
const ROW = 34;
const AXIS = 24;

/** The next day at a glance, over every view: each running make a strand with its stage and countdown. */
export function DayLine({ demo }: { demo: boolean }) {
  // A pixel of it is a minute or more; what counts down does so by itself.
  const now = useNow(5_000);
  const running = useAppSelector(selectRunning);
  const loaded = useAppSelector((state) => state.data.loaded);
  const kitchen = useAppSelector((state) => state.kitchen);
  const behind = useBehind();
  const [ref, width] = useWidth<HTMLDivElement>(900);
  const from = now - HOURS_BEFORE * 3_600_000;
  const to = now + HOURS_AFTER * 3_600_000;
  // A straight line within the strip; a chart library for it would weigh on every first visit.
  const x = (at: number) => width * clamp((at - from) / (to - from), 0, 1);
  const hours = Array.from({ length: HOURS_BEFORE + HOURS_AFTER + 1 }, (_, i) =>
    addHours(startOfHour(from), i + 1).getTime(),
  ).filter((at) => at < to);
  const every = width < 500 ? 6 : 3;
  const rows = Math.max(1, running.length);
  return (
    <header className="relative z-10 print:hidden border-b-[5px] border-on-enamel bg-enamel text-on-enamel shadow-[0_5px_0_var(--enamel-deep)]">
      <div className="mx-auto flex max-w-[1560px] flex-col gap-x-6 px-4 py-2 tab:flex-row tab:px-6">
        <div className="flex shrink-0 items-baseline justify-between gap-3 tab:w-[13rem] tab:flex-col tab:justify-center tab:gap-0">
          <Link to="/" className="name text-[25px] text-on-enamel">
            Plump Pail
          </Link>
          <p className="text-[15px] text-on-enamel-soft">
            <span className="tab:hidden">{clockText(now)}</span>
            <span className="hidden tab:inline">{formatDate(now, 'EEE d MMM, HH:mm')}</span>
            {demo && ' · demo'}
          </p>
        </div>
        <nav
          ref={ref}
          aria-label={`Day line, ${dayText(now)}`}
          className="relative w-full min-w-0 shrink-0 overflow-hidden tab:w-auto tab:flex-1 tab:shrink"
          style={{ height: AXIS + rows * ROW }}
        >
          <svg width={width} height={AXIS + rows * ROW} className="absolute inset-0" aria-hidden="true">
            <defs>
              <pattern
                id="night"
                width="8"
                height="8"
                patternUnits="userSpaceOnUse"
                patternTransform="rotate(45)"
              >
                <path d="M0 0v8" stroke="var(--on-enamel)" strokeWidth="1" opacity="0.12" />
              </pattern>
            </defs>
            {[
              ...stretches(from, to, (at) => asleep(at, kitchen)).map((span) => ({ span, what: 'night' })),
              ...stretches(from, to, (at) => away(at, kitchen)).map((span) => ({ span, what: 'away' })),
            ].map(({ span: [a, b], what }) => (
              <g key={`${what}${a}`}>
                <rect x={x(a)} y={0} width={x(b) - x(a)} height="100%" fill="var(--enamel-deep)" />
                <rect x={x(a)} y={0} width={x(b) - x(a)} height="100%" fill="url(#night)" />
                {x(b) - x(a) > 60 && width >= 500 && (
                  // At its end, where what is made now does not reach.
                  <text
                    x={x(b) - 8}
                    y={AXIS + rows * ROW - 9}
                    textAnchor="end"
                    fontSize="14"
                    fill="var(--on-enamel-soft)"
                  >
                    {what}
                  </text>
                )}
              </g>
            ))}
            {hours.map((at) => {
              const hour = Number(formatDate(at, 'H'));
              const named = hour % every === 0;
              return (
                <g key={at}>
                  <path
                    d={`M${x(at)} ${named ? 18 : 20}V${AXIS}`}
                    stroke="var(--on-enamel-soft)"
                    strokeWidth={named ? 2 : 1}
                  />
                  {named && x(at) > 16 && x(at) < width - 22 && (
                    <text x={x(at)} y={14} textAnchor="middle" fontSize="14" fill="var(--on-enamel-soft)">
                      {hour === 0 ? formatDate(at, 'EEE') : formatDate(at, 'HH')}
                    </text>
                  )}
                </g>
              );
            })}
            <path d={`M${x(now)} 0V${AXIS + rows * ROW}`} stroke="var(--now)" strokeWidth="4" />
          </svg>
          {loaded && running.length === 0 && (
            <p className="absolute text-[15px] text-on-enamel" style={{ left: x(now) + 12, top: AXIS + 4 }}>
              Nothing on the heat.
            </p>
          )}
          {running.map((make, row) => (
            <Boundary
              key={make.id}
              what={make.state.name}
              behind={behind({ table: 'makes', id: make.id })}
              small
            >
              <Suspense fallback={null}>
                <Strand make={make} top={AXIS + row * ROW} height={ROW} x={x} width={width} />
              </Suspense>
            </Boundary>
          ))}
        </nav>
      </div>
    </header>
  );
}

/** The stretches between two moments in which something holds, as [from, to], by the hour. */
function stretches(from: number, to: number, holds: (at: number) => boolean): [number, number][] {
  const found: [number, number][] = [];
  let at = startOfHour(from).getTime();
  let begin: number | null = null;
  for (; at <= to + 3_600_000; at = addHours(at, 1).getTime()) {
    const inside = holds(at);
    if (inside && begin === null) begin = Math.max(at, from);
    if (!inside && begin !== null) {
      found.push([begin, at]);
      begin = null;
    }
  }
  if (begin !== null) found.push([begin, to]);
  return found;
}
