import { extent } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { curveMonotoneX, line } from 'd3-shape';
import { decimalsFor } from '../../core/units/numbers';
import { useWidth } from './useWidth';

export interface CurveChartProps {
  points: readonly (readonly [x: number, y: number])[];
  here: readonly [x: number, y: number] | null;
  xLabel: string;
  yLabel: string;
  /** A value in words; on an axis with the decimals its steps need. */
  xText(value: number, decimals?: number): string;
  yText(value: number, decimals?: number): string;
  height?: number;
}

const LEFT = 74;
const RIGHT = 22;
const TOP = 34;
const BOTTOM = 50;

/** Decimals of steps of one, two or five. */
const stepDecimals = ([first = 0, next = 1]: readonly number[]): number => decimalsFor(next - first, 1);

/** One line with its axes and units, the answer marked on it, a table of it for who cannot see it. */
export function CurveChart({ points, here, xLabel, yLabel, xText, yText, height = 300 }: CurveChartProps) {
  const [ref, width] = useWidth<HTMLDivElement>(700);
  const [x0 = 0, x1 = 1] = extent(points, (p) => p[0]);
  const [y0 = 0, y1 = 1] = extent([...points, ...(here ? [here] : [])], (p) => p[1]);
  const pad = (y1 - y0 || Math.abs(y1) || 1) * 0.08;
  const x = scaleLinear([x0, x1], [LEFT, width - RIGHT]);
  const y = scaleLinear([y0 >= 0 && y0 < pad * 4 ? 0 : y0 - pad, y1 + pad], [height - BOTTOM, TOP]);
  const path = line<readonly [number, number]>(
    (p) => x(p[0]),
    (p) => y(p[1]),
  ).curve(curveMonotoneX);
  const xTicks = x.ticks(Math.max(2, Math.floor(width / 130)));
  const yTicks = y.ticks(5);
  const every = Math.max(1, Math.floor(points.length / 8));
  const caption = `${yLabel} against ${xLabel}`;
  return (
    <figure ref={ref} className="relative m-0 w-full">
      <svg width={width} height={height} className="block max-w-full" role="img" aria-label={caption}>
        {yTicks.map((tick) => (
          <g key={tick}>
            <path d={`M${LEFT} ${y(tick)}H${width - RIGHT}`} stroke="var(--rim-soft)" opacity="0.35" />
            <text x={LEFT - 8} y={y(tick) + 5} textAnchor="end" fontSize="14" fill="var(--ink-soft)">
              {yText(tick, stepDecimals(yTicks))}
            </text>
          </g>
        ))}
        {xTicks.map((tick) => (
          <g key={tick}>
            <path d={`M${x(tick)} ${height - BOTTOM}v6`} stroke="var(--ink-soft)" />
            <text
              x={x(tick)}
              y={height - BOTTOM + 22}
              textAnchor="middle"
              fontSize="14"
              fill="var(--ink-soft)"
            >
              {xText(tick, stepDecimals(xTicks))}
            </text>
          </g>
        ))}
        <path d={`M${LEFT} ${height - BOTTOM}H${width - RIGHT}`} stroke="var(--rim)" strokeWidth="2" />
        <path
          d={path(points) ?? ''}
          fill="none"
          stroke="var(--rim)"
          strokeWidth="3.5"
          strokeLinecap="round"
        />
        {here && (
          <>
            <path
              d={`M${x(here[0])} ${height - BOTTOM}V${y(here[1])}`}
              stroke="var(--now-edge)"
              strokeWidth="2"
              strokeDasharray="3 5"
            />
            <circle
              cx={x(here[0])}
              cy={y(here[1])}
              r="8"
              fill="var(--now)"
              stroke="var(--rim)"
              strokeWidth="3"
              data-testid="here"
            />
          </>
        )}
        <text x={4} y={18} fontSize="14" fontWeight="600" fill="var(--ink)">
          {yLabel}
        </text>
        <text
          x={width - RIGHT}
          y={height - 6}
          textAnchor="end"
          fontSize="14"
          fontWeight="600"
          fill="var(--ink)"
        >
          {xLabel}
        </text>
      </svg>
      <div className="sr-only">
        <table>
          <caption>{caption}</caption>
          <tbody>
            {points
              .filter((_, i) => i % every === 0)
              .map(([px, py]) => (
                <tr key={px}>
                  <th>{xText(px)}</th>
                  <td>{yText(py)}</td>
                </tr>
              ))}
          </tbody>
        </table>
      </div>
    </figure>
  );
}
