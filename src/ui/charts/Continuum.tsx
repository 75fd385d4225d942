import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import type { Format } from '../../core/units/format';
import { useWidth } from './useWidth';

export interface ContinuumPoint {
  tempC: number;
  /** Acid product per litre, g or mL. */
  acidPerLitre: number;
  /** Share of the whey protein that comes along. */
  caught: number;
}

export interface ContinuumProps {
  points: readonly ContinuumPoint[];
  zones: readonly { fromC: number; toC: number; label: string; open: boolean }[];
  tempC: number;
  min: number;
  max: number;
  format: Format;
  acidText(perLitre: number): string;
  onChange(tempC: number): void;
}

const H = 158;
const TOP = 30;
const BOTTOM = 122;
const LEFT = 26;
const RIGHT = 26;
/** Width of the knob one pulls, px; the sheet gives it to the range input. */
const KNOB = 36;

/**
 * One line from pot cheese to ricotta: the hotter the set, the less acid it takes and the more whey protein comes
 * along. Pull the knob, or use the arrow keys.
 */
export function Continuum({ points, zones, tempC, min, max, format, acidText, onChange }: ContinuumProps) {
  const [ref, width] = useWidth<HTMLDivElement>(600);
  const first = points[0]?.tempC ?? min;
  const last = points.at(-1)?.tempC ?? max;
  const x = scaleLinear([first, last], [LEFT, width - RIGHT]);
  const most = Math.max(...points.map((p) => p.acidPerLitre));
  const yAcid = scaleLinear([0, most], [BOTTOM, TOP + 4]);
  const yCaught = scaleLinear([0, 1], [BOTTOM, TOP + 4]);
  const acidLine = line<ContinuumPoint>(
    (p) => x(p.tempC),
    (p) => yAcid(p.acidPerLitre),
  );
  const caughtArea = area<ContinuumPoint>(
    (p) => x(p.tempC),
    BOTTOM,
    (p) => yCaught(p.caught),
  );
  const here = points.reduce(
    (a, b) => (Math.abs(b.tempC - tempC) < Math.abs(a.tempC - tempC) ? b : a),
    points[0] as ContinuumPoint,
  );
  return (
    <div ref={ref} className="relative w-full select-none">
      <svg width={width} height={H} className="block max-w-full" aria-hidden="true">
        <defs>
          <pattern id="caught" width="6" height="6" patternUnits="userSpaceOnUse">
            <circle cx="2" cy="2" r="1.2" fill="var(--ink)" opacity="0.3" />
          </pattern>
        </defs>
        {zones.map((zone) => {
          const from = x(zone.fromC);
          const to = x(zone.toC);
          return (
            <g key={zone.label}>
              <rect
                x={from + 1}
                y={TOP}
                width={Math.max(0, to - from - 2)}
                height={BOTTOM - TOP}
                rx="8"
                fill={zone.open ? 'var(--plate)' : 'var(--tile)'}
                stroke="var(--rim-soft)"
                strokeWidth="1.5"
              />
              <text
                x={(from + to) / 2}
                y={20}
                textAnchor="middle"
                fontSize="15"
                fontWeight="650"
                fill="var(--ink)"
              >
                {zone.label}
              </text>
            </g>
          );
        })}
        <path d={caughtArea(points) ?? ''} fill="var(--whey-protein)" opacity="0.75" />
        <path d={caughtArea(points) ?? ''} fill="url(#caught)" />
        <path d={acidLine(points) ?? ''} fill="none" stroke="var(--rim)" strokeWidth="3.5" />
        {x.ticks(width < 500 ? 4 : 7).map((tick) => (
          <text
            key={tick}
            x={x(tick)}
            y={BOTTOM + 30}
            textAnchor="middle"
            fontSize="14"
            fill="var(--ink-soft)"
          >
            {format.temp(tick)}
          </text>
        ))}
        <path d={`M${x(tempC)} ${TOP}V${BOTTOM + 6}`} stroke="var(--now-edge)" strokeWidth="4" />
        <circle
          cx={x(tempC)}
          cy={yAcid(here.acidPerLitre)}
          r="6"
          fill="var(--plate)"
          stroke="var(--rim)"
          strokeWidth="3.5"
        />
        <circle cx={x(tempC)} cy={BOTTOM + 4} r="15" fill="var(--now)" stroke="var(--rim)" strokeWidth="4" />
        <path
          d={`M${x(tempC) - 4} ${BOTTOM - 1}v10M${x(tempC) + 4} ${BOTTOM - 1}v10`}
          stroke="var(--on-now)"
          strokeWidth="2.5"
        />
      </svg>
      <p className="text-center text-[17px]" aria-hidden="true">
        <strong className="figure text-[22px]">{format.temp(tempC)}</strong> ·{' '}
        <strong>{acidText(here.acidPerLitre)}</strong> of acid a litre ·{' '}
        <strong>{format.percent(here.caught * 100)}</strong> of the whey protein caught
      </p>
      <input
        type="range"
        aria-label="Set temperature"
        aria-valuetext={`${format.temp(tempC)}, ${acidText(here.acidPerLitre)} of acid a litre, ${format.percent(here.caught * 100)} of the whey protein caught`}
        className="knob absolute cursor-ew-resize"
        style={{
          left: x(min) - KNOB / 2,
          width: x(max) - x(min) + KNOB,
          top: TOP,
          height: BOTTOM - TOP + 22,
        }}
        min={min}
        max={max}
        step={1}
        value={tempC}
        onChange={(event) => onChange(Number(event.target.value))}
      />
    </div>
  );
}
