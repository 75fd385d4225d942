import { type ScaleLinear, scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { format as formatDate } from 'date-fns';
import { memo } from 'react';
import type { Summary } from '../../run/line';
import { useFormat } from '../../store/hooks';
import { useAppSelector } from '../../store/store';
import { inMoney } from '../common/money';
import { type Over, type Span, seriesOver } from './seriesOver';

const W = 360;
const H = 88;
const LEFT = 44;
const RIGHT = 8;
const TOP = 10;
const BOTTOM = 24;
/** Fewer than this draw no line worth looking at. */
const LEAST = 2;

/** Yield, cost and score of what stands in the table, over time: one mark a make, or their course where there are many. */
export const OverTime = memo(function OverTime({ shown }: { shown: readonly Summary[] }) {
  const format = useFormat();
  const currency = useAppSelector((app) => app.kitchen.currency);
  return (
    <section aria-label="Over time" className="mt-4 grid gap-x-8 gap-y-3 tab:grid-cols-3">
      <Figure
        shown={shown}
        title="weighed, of the plan"
        over="yieldShare"
        as={(share) => 100 * share}
        text={(value) => format.percent(Math.round(value))}
        level={100}
      />
      <Figure
        shown={shown}
        title={inMoney(`cost of a ${format.massWord}`, currency)}
        over="costPerKg"
        as={format.perMass}
        text={(value) => format.number(value, Number.isInteger(value) ? 0 : 1)}
      />
      <Figure
        shown={shown}
        title="score of 5"
        over="score"
        as={(score) => score}
        text={(value) => format.number(value, 0)}
      />
    </section>
  );
});

/** One of them: `as` puts a value into the maker's measure, `text` says it, `level` is where it should lie. */
function Figure({
  shown,
  title,
  over,
  as,
  text,
  level,
}: {
  shown: readonly Summary[];
  title: string;
  over: Over;
  as(value: number): number;
  text(value: number): string;
  level?: number;
}) {
  const { many, from, to, marks, spans, ...ends } = seriesOver(shown, over);
  if (many < LEAST) return null;
  const least = Math.min(as(ends.least), level ?? Number.POSITIVE_INFINITY);
  const most = Math.max(as(ends.most), level ?? Number.NEGATIVE_INFINITY);
  const x = scaleLinear([from, Math.max(to, from + 1)], [LEFT + 6, W - RIGHT - 6]);
  const y = scaleLinear([least, most === least ? least + 1 : most], [H - BOTTOM, TOP]).nice(3);
  return (
    <figure>
      <figcaption className="text-[15px] text-ink-soft">{title}</figcaption>
      <svg
        viewBox={`0 0 ${W} ${H}`}
        className="block w-full"
        role="img"
        aria-label={`${title}: ${many} makes, from ${text(least)} to ${text(most)}`}
      >
        {y.ticks(3).map((tick) => (
          <g key={tick}>
            <path
              d={`M${LEFT} ${y(tick)}H${W - RIGHT}`}
              stroke="var(--rim-soft)"
              strokeWidth={tick === level ? 2 : 1}
              strokeDasharray={tick === level ? undefined : '2 4'}
            />
            <text x={LEFT - 6} y={y(tick) + 5} textAnchor="end" fontSize={14} fill="var(--ink-soft)">
              {text(tick)}
            </text>
          </g>
        ))}
        <Course spans={spans} x={x} y={(value) => y(as(value))} />
        {marks.map((one) => (
          <circle
            key={`${one.at} ${one.name}`}
            cx={x(one.at)}
            cy={y(as(one.value))}
            r={4.5}
            fill="var(--now)"
            stroke="var(--now-edge)"
            strokeWidth={2}
          >
            <title>
              {one.name}: {text(as(one.value))}
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
}

/** Where most of more makes than anybody can tell apart lie, and their middle. */
function Course({
  spans,
  x,
  y,
}: {
  spans: readonly Span[];
  x: ScaleLinear<number, number>;
  y(value: number): number;
}) {
  if (spans.length === 0) return null;
  const band = area<Span>()
    .x((one) => x(one.at))
    .y0((one) => y(one.low))
    .y1((one) => y(one.high));
  const middle = line<Span>()
    .x((one) => x(one.at))
    .y((one) => y(one.middle));
  return (
    <>
      <path d={band(spans) ?? ''} fill="var(--now-wash)" />
      <path d={middle(spans) ?? ''} fill="none" stroke="var(--now-edge)" strokeWidth={2.5} />
      {spans.map((one) => (
        <circle
          key={one.at}
          cx={x(one.at)}
          cy={y(one.middle)}
          r={3}
          fill="var(--now)"
          stroke="var(--now-edge)"
          strokeWidth={1.5}
        />
      ))}
    </>
  );
}
