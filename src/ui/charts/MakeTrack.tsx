import { extent } from 'd3-array';
import { scaleLinear } from 'd3-scale';
import { area, curveMonotoneX, line } from 'd3-shape';
import type { Format } from '../../core/units/format';
import { fahrenheitOf } from '../../core/units/measures';
import { StageBar, splitAtGaps, type TrackStage } from './trackParts';
import { trackScale, trackTicks } from './trackScale';
import { useWidth } from './useWidth';

export interface TrackProps {
  stages: readonly TrackStage[];
  temps: readonly (readonly [minute: number, tempC: number])[];
  band: readonly (readonly [minute: number, lowC: number, highC: number])[];
  pHs: readonly (readonly [minute: number, pH: number])[];
  readings?: readonly (readonly [minute: number, tempC: number])[];
  pHReadings?: readonly (readonly [minute: number, pH: number])[];
  /** Another plan's temperature, for comparison. */
  ghost?: readonly (readonly [minute: number, tempC: number])[];
  nowMin?: number;
  format: Format;
  /** The make's start on the wall clock, ms; the axis stands on round clock times. */
  startMs: number;
  clockText(ms: number): string;
  height?: number;
  caption: string;
  /** Long waits drawn short, so that the work keeps its room. */
  folded?: boolean;
  /** How many times wider than its place it is drawn; it scrolls then. */
  zoom?: number;
}

const LEFT = 56;
const RIGHT = 50;
const TOP = 12;
const BAR = 38;

/** Temperature and pH over the make, the band that still works, the stages below, readings on top. */
export function MakeTrack({
  stages,
  temps,
  band,
  pHs,
  readings = [],
  ghost = [],
  pHReadings = [],
  nowMin,
  format,
  startMs,
  clockText,
  height = 236,
  caption,
  folded = false,
  zoom = 1,
}: TrackProps) {
  const [ref, place] = useWidth<HTMLDivElement>(800);
  const width = place * zoom;
  const total = Math.max(
    1,
    ...stages.map((stage) => stage.startMin + stage.durationMin),
    nowMin ?? 0,
    ...readings.map(([m]) => m),
    ghost.at(-1)?.[0] ?? 0,
  );
  const bottom = height - BAR - 30;
  const x = trackScale(stages, total, [LEFT, width - RIGHT], folded);
  const shown = (tempC: number) => (format.units.temperature === 'F' ? fahrenheitOf(tempC) : tempC);
  const [, hottest = 100] = extent([...temps.map(([, c]) => shown(c)), ...readings.map(([, c]) => shown(c))]);
  const y = scaleLinear([shown(0), Math.max(hottest as number, shown(40)) * 1.06], [bottom, TOP]);
  const yPH = scaleLinear([Math.min(4.4, ...pHs.map(([, pH]) => pH - 0.15)), 7], [bottom, TOP]);
  const points = pHs.length > 0;
  const toX = (minute: number) => x(minute);
  const tempLine = line<readonly [number, number]>(
    (d) => toX(d[0]),
    (d) => y(shown(d[1])),
  ).curve(curveMonotoneX);
  const bandArea = area<readonly [number, number, number]>(
    (d) => toX(d[0]),
    (d) => y(shown(d[1])),
    (d) => y(shown(d[2])),
  );
  const edge = (index: 1 | 2) =>
    line<readonly [number, number, number]>(
      (d) => toX(d[0]),
      (d) => y(shown(d[index])),
    );
  const pHLine = line<readonly [number, number]>(
    (d) => toX(d[0]),
    (d) => yPH(d[1]),
  );
  const groups = splitAtGaps(band);
  const clockOf = (minute: number) => clockText(startMs + minute * 60_000);
  const ticks = trackTicks(x, stages, startMs, total, width - LEFT - RIGHT, folded);
  return (
    <figure
      ref={ref}
      className={`relative m-0 w-full ${zoom > 1 ? 'overflow-x-auto' : ''}`}
      {...(zoom > 1 && { tabIndex: 0, 'aria-label': `${caption}, wider than its place: scroll` })}
    >
      <svg
        width={width}
        height={height}
        className={zoom > 1 ? 'block' : 'block max-w-full'}
        role="img"
        aria-label={caption}
      >
        <defs>
          <pattern
            id="hands-on"
            width="7"
            height="7"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <path d="M0 0v7" stroke="var(--ink)" strokeWidth="2" opacity="0.22" />
          </pattern>
        </defs>
        {y.ticks(5).map((tick) => (
          <g key={tick}>
            <path
              d={`M${LEFT} ${y(tick)}H${width - RIGHT}`}
              stroke="var(--rim-soft)"
              strokeWidth="1"
              opacity="0.35"
            />
            <text x={LEFT - 8} y={y(tick) + 5} textAnchor="end" fontSize="14" fill="var(--ink-soft)">
              {tick}°{format.units.temperature}
            </text>
          </g>
        ))}
        {points &&
          [5, 6, 7].map((tick) => (
            <text key={tick} x={width - RIGHT + 8} y={yPH(tick) + 5} fontSize="14" fill="var(--ink-soft)">
              pH {tick}
            </text>
          ))}
        {groups.map((group) => (
          <g key={group[0]?.[0]}>
            <path d={bandArea(group) ?? ''} fill="var(--now)" opacity="0.5" />
            <path d={edge(1)(group) ?? ''} fill="none" stroke="var(--now-edge)" strokeWidth="1.5" />
            <path d={edge(2)(group) ?? ''} fill="none" stroke="var(--now-edge)" strokeWidth="1.5" />
          </g>
        ))}
        {points && (
          <path
            d={pHLine(pHs) ?? ''}
            fill="none"
            stroke="var(--ink-soft)"
            strokeWidth="2.5"
            strokeDasharray="2 5"
            strokeLinecap="round"
          />
        )}
        {ghost.length > 1 && (
          <path
            d={tempLine(ghost) ?? ''}
            fill="none"
            stroke="var(--ink-soft)"
            strokeWidth="2.5"
            strokeDasharray="9 4 2 4"
            data-testid="ghost"
          />
        )}
        <path
          d={tempLine(temps) ?? ''}
          fill="none"
          stroke="var(--rim)"
          strokeWidth="3.5"
          strokeLinecap="round"
          strokeLinejoin="round"
          strokeDasharray={readings.length > 0 ? '7 5' : undefined}
        />
        {readings.length > 1 && (
          <path
            d={line()(readings.map(([m, c]) => [toX(m), y(shown(c))])) ?? ''}
            fill="none"
            stroke="var(--ink)"
            strokeWidth="3"
          />
        )}
        {readings.map(([m, c]) => (
          <circle
            key={`${m}-${c}`}
            cx={toX(m)}
            cy={y(shown(c))}
            r="5"
            fill="var(--plate)"
            stroke="var(--ink)"
            strokeWidth="3"
          />
        ))}
        {pHReadings.map(([m, pH]) => (
          <rect
            key={`${m}-${pH}`}
            x={toX(m) - 5}
            y={yPH(pH) - 5}
            width="10"
            height="10"
            fill="var(--plate)"
            stroke="var(--ink-soft)"
            strokeWidth="3"
          />
        ))}
        {points && (
          <text
            x={toX(pHs.at(-1)?.[0] ?? 0) - 6}
            y={yPH(pHs.at(-1)?.[1] ?? 7) - 8}
            textAnchor="end"
            fontSize="15"
            fontWeight="600"
            fill="var(--ink)"
          >
            pH {format.pH(pHs.at(-1)?.[1] ?? 7)}
          </text>
        )}
        {ticks.map((tick) => (
          <g key={tick}>
            <path d={`M${toX(tick)} ${bottom}v5`} stroke="var(--ink-soft)" />
            <text x={toX(tick)} y={bottom + 20} textAnchor="middle" fontSize="14" fill="var(--ink-soft)">
              {clockOf(tick)}
            </text>
          </g>
        ))}
        {stages.map((stage) => (
          <StageBar
            key={stage.id}
            stage={stage}
            from={toX(stage.startMin)}
            to={toX(stage.startMin + stage.durationMin)}
            top={height - BAR + 2}
          />
        ))}
        {nowMin !== undefined && (
          <g>
            <path d={`M${toX(nowMin)} ${TOP}V${height - 2}`} stroke="var(--now-edge)" strokeWidth="6" />
            <path d={`M${toX(nowMin)} ${TOP}V${height - 2}`} stroke="var(--now)" strokeWidth="3" />
          </g>
        )}
      </svg>
      <div className="sr-only">
        <table>
          <caption>{caption}</caption>
          <thead>
            <tr>
              <th>stage</th>
              <th>begins</th>
              <th>minutes</th>
              <th>of which hands on</th>
            </tr>
          </thead>
          <tbody>
            {stages.map((stage) => (
              <tr key={stage.id}>
                <td>{stage.title}</td>
                <td>{clockOf(stage.startMin)}</td>
                <td>{format.number(stage.durationMin)}</td>
                <td>{format.number(stage.handsOnMin)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </figure>
  );
}
