import { extent } from 'd3-array';
import { scaleLinear, scalePow } from 'd3-scale';
import { line } from 'd3-shape';
import { runCourse } from '../../run/course';
import { coursesIn } from '../../run/frozen';
import type { MakeState } from '../../run/state';
import { useFormat } from '../../store/hooks';
import { useWidth } from '../../ui/charts/useWidth';
import { hoursText } from '../common/times';
import { STROKES } from './besideStrokes';

const H = 250;
const LEFT = 62;
const RIGHT = 14;
const TOP = 14;
const BOTTOM = 34;
/** Longer than this the hours are drawn closer the later they are. */
const LONG_MIN = 10 * 60;

/** Temperatures of two or three makes from their own beginnings, over one another. */
export function BesideTrack({ makes }: { makes: readonly { id: string; state: MakeState }[] }) {
  const format = useFormat();
  const [box, width] = useWidth<HTMLElement>(800);
  const courses = makes.flatMap(({ id, state }, i) => {
    const known = coursesIn(state);
    if (!known) return [];
    const end = state.finishedAt ?? state.abandoned?.at ?? state.startedAt;
    const { temps, readings } = runCourse(state, known, end);
    return [{ id, name: state.name, temps, readings, stroke: STROKES[i] ?? STROKES[0] }];
  });
  const points = courses.flatMap(({ temps, readings }) => [
    ...temps.map(([minute, tempC]) => [minute, tempC] as const),
    ...readings.map(([minute, tempC]) => [minute, tempC] as const),
  ]);
  const longest = Math.max(1, ...points.map(([minute]) => minute));
  const [lowest = 0, highest = 100] = extent(points, ([, tempC]) => tempC);
  const x = scalePow([0, longest], [LEFT, width - RIGHT]).exponent(longest > LONG_MIN ? 0.5 : 1);
  const y = scaleLinear([lowest, highest], [H - BOTTOM, TOP]).nice(5);
  const path = line<readonly [number, number]>(
    ([minute]) => x(minute),
    ([, tempC]) => y(tempC),
  );
  return (
    <figure ref={box} className="mt-3">
      <svg
        width={width}
        height={H}
        viewBox={`0 0 ${width} ${H}`}
        className="block max-w-full"
        role="img"
        aria-label="Temperatures over one another, from the beginning of each make"
      >
        {y.ticks(5).map((tick) => (
          <g key={tick}>
            <path d={`M${LEFT} ${y(tick)}H${width - RIGHT}`} stroke="var(--rim-soft)" strokeDasharray="2 4" />
            <text x={LEFT - 8} y={y(tick) + 5} textAnchor="end" fontSize={14} fill="var(--ink-soft)">
              {format.temp(tick)}
            </text>
          </g>
        ))}
        {x.ticks(width < 500 ? 3 : 6).map((tick) => (
          <text key={tick} x={x(tick)} y={H - 10} textAnchor="middle" fontSize={14} fill="var(--ink-soft)">
            {tick === 0 ? 'start' : hoursText(tick)}
          </text>
        ))}
        {courses.map(({ id, temps, readings, stroke }) => (
          <g key={id}>
            <path
              d={path(temps) ?? ''}
              fill="none"
              stroke={stroke.colour}
              strokeWidth={3}
              strokeDasharray={stroke.dash}
              strokeLinejoin="round"
            />
            {readings.map(([minute, tempC]) => (
              <circle
                key={`${minute} ${tempC}`}
                cx={x(minute)}
                cy={y(tempC)}
                r={4.5}
                fill="var(--plate)"
                stroke={stroke.colour}
                strokeWidth={2.5}
              />
            ))}
          </g>
        ))}
      </svg>
    </figure>
  );
}
