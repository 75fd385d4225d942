import { extent } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { format as formatDate } from 'date-fns';
import type { Format } from '../../core/units/format';
import type { Summary } from '../../run/summary';
import { useFormat } from '../../store/hooks';
import { useAppSelector } from '../../store/store';

const W = 360;
const H = 88;
const LEFT = 44;
const RIGHT = 8;
const TOP = 10;
const BOTTOM = 24;
/** Fewer than this draw no line worth looking at. */
const LEAST = 2;

/** Yield, cost and score of what stands in the table, over time: one mark a make. */
export function OverTime({ shown }: { shown: readonly Summary[] }) {
  const format = useFormat();
  const currency = useAppSelector((app) => app.kitchen.currency);
  const rows: {
    title: string;
    of(make: Summary): number | null;
    text(value: number, format: Format): string;
    line?: number;
  }[] = [
    {
      title: 'weighed, of the plan',
      of: (make) => make.yieldShare && 100 * make.yieldShare,
      text: (value) => format.percent(Math.round(value)),
      line: 100,
    },
    {
      title: `cost of a kilo${currency ? `, ${currency}` : ''}`,
      of: (make) => make.costPerKg,
      text: (value) => format.number(value, Number.isInteger(value) ? 0 : 1),
    },
    { title: 'score of 5', of: (make) => make.score, text: (value) => format.number(value, 0) },
  ];
  return (
    <section aria-label="Over time" className="mt-4 grid gap-x-8 gap-y-3 tab:grid-cols-3">
      {rows.map(({ title, of, text, line }) => {
        const points = shown.flatMap((make) => {
          const value = of(make);
          return value === null ? [] : [{ at: make.startedAt, value, name: make.name }];
        });
        if (points.length < LEAST) return null;
        const [from = 0, to = 1] = extent(points, (one) => one.at);
        const [least = 0, most = 1] = extent([...points.map((one) => one.value), ...(line ? [line] : [])]);
        const x = scaleLinear([from, Math.max(to, from + 1)], [LEFT + 6, W - RIGHT - 6]);
        const y = scaleLinear([least, most === least ? least + 1 : most], [H - BOTTOM, TOP]).nice(3);
        const ticks = y.ticks(3);
        return (
          <figure key={title}>
            <figcaption className="text-[15px] text-ink-soft">{title}</figcaption>
            <svg
              viewBox={`0 0 ${W} ${H}`}
              className="block w-full"
              role="img"
              aria-label={`${title}: ${points.length} makes, from ${text(least, format)} to ${text(most, format)}`}
            >
              {ticks.map((tick) => (
                <g key={tick}>
                  <path
                    d={`M${LEFT} ${y(tick)}H${W - RIGHT}`}
                    stroke="var(--rim-soft)"
                    strokeWidth={tick === line ? 2 : 1}
                    strokeDasharray={tick === line ? undefined : '2 4'}
                  />
                  <text x={LEFT - 6} y={y(tick) + 5} textAnchor="end" fontSize={14} fill="var(--ink-soft)">
                    {text(tick, format)}
                  </text>
                </g>
              ))}
              {points.map((one) => (
                <circle
                  key={`${one.at} ${one.name}`}
                  cx={x(one.at)}
                  cy={y(one.value)}
                  r={4.5}
                  fill="var(--now)"
                  stroke="var(--now-edge)"
                  strokeWidth={2}
                >
                  <title>
                    {one.name}: {text(one.value, format)}
                  </title>
                </circle>
              ))}
              <text x={LEFT} y={H - 4} fontSize={14} fill="var(--ink-soft)">
                {formatDate(from, 'd MMM yy')}
              </text>
              <text x={W - RIGHT} y={H - 4} textAnchor="end" fontSize={14} fill="var(--ink-soft)">
                {formatDate(to, 'd MMM yy')}
              </text>
            </svg>
          </figure>
        );
      })}
    </section>
  );
}
