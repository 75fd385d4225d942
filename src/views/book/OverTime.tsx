import { bin, extent, quantile } from 'd3-array';
import { type ScaleLinear, scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { format as formatDate } from 'date-fns';
import { memo } from 'react';
import type { Format } from '../../core/units/format';
import type { Summary } from '../../run/line';
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
/** More marks than this are drawn as their course. */
const MOST_MARKS = 150;
const SPANS = 40;

/** Yield, cost and score of what stands in the table, over time: one mark a make, or their course where there are many. */
export const OverTime = memo(function OverTime({ shown }: { shown: readonly Summary[] }) {
  const format = useFormat();
  const currency = useAppSelector((app) => app.kitchen.currency);
  const rows: {
    title: string;
    of(make: Summary): number | null;
    text(value: number, format: Format): string;
    level?: number;
  }[] = [
    {
      title: 'weighed, of the plan',
      of: (make) => make.yieldShare && 100 * make.yieldShare,
      text: (value) => format.percent(Math.round(value)),
      level: 100,
    },
    {
      title: `cost of a ${format.massWord}${currency ? `, ${currency}` : ''}`,
      of: (make) => make.costPerKg && format.perMass(make.costPerKg),
      text: (value) => format.number(value, Number.isInteger(value) ? 0 : 1),
    },
    { title: 'score of 5', of: (make) => make.score, text: (value) => format.number(value, 0) },
  ];
  return (
    <section aria-label="Over time" className="mt-4 grid gap-x-8 gap-y-3 tab:grid-cols-3">
      {rows.map(({ title, of, text, level }) => {
        const points = shown.flatMap((make) => {
          const value = of(make);
          return value === null ? [] : [{ at: make.startedAt, value, name: make.name }];
        });
        if (points.length < LEAST) return null;
        const [from = 0, to = 1] = extent(points, (one) => one.at);
        const [least = 0, most = 1] = extent([...points.map((one) => one.value), ...(level ? [level] : [])]);
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
                    strokeWidth={tick === level ? 2 : 1}
                    strokeDasharray={tick === level ? undefined : '2 4'}
                  />
                  <text x={LEFT - 6} y={y(tick) + 5} textAnchor="end" fontSize={14} fill="var(--ink-soft)">
                    {text(tick, format)}
                  </text>
                </g>
              ))}
              {points.length > MOST_MARKS ? (
                <Course points={points} x={x} y={y} />
              ) : (
                points.map((one) => (
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
                ))
              )}
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
});

interface Point {
  at: number;
  value: number;
}

/** More makes than anybody can tell apart, in spans of equal length: where most of each lie, and their middle. */
function Course({
  points,
  x,
  y,
}: {
  points: readonly Point[];
  x: ScaleLinear<number, number>;
  y: ScaleLinear<number, number>;
}) {
  const spans = bin<Point, number>()
    .value((one) => x(one.at))
    .domain(x.range() as [number, number])
    .thresholds(SPANS)(points as Point[])
    .filter((span) => span.length > 0)
    .map((span) => {
      const at = ((span.x0 ?? 0) + (span.x1 ?? 0)) / 2;
      const [low = 0, middle = 0, high = 0] = [0.1, 0.5, 0.9].map((p) =>
        y(quantile(span, p, (one) => one.value) ?? 0),
      );
      return { at, low, middle, high };
    });
  const band = area<(typeof spans)[number]>()
    .x((one) => one.at)
    .y0((one) => one.low)
    .y1((one) => one.high);
  const middle = line<(typeof spans)[number]>()
    .x((one) => one.at)
    .y((one) => one.middle);
  return (
    <>
      <path d={band(spans) ?? ''} fill="var(--now-wash)" />
      <path d={middle(spans) ?? ''} fill="none" stroke="var(--now-edge)" strokeWidth={2.5} />
      {spans.map((one) => (
        <circle
          key={one.at}
          cx={one.at}
          cy={one.middle}
          r={3}
          fill="var(--now)"
          stroke="var(--now-edge)"
          strokeWidth={1.5}
        />
      ))}
    </>
  );
}
