import { type ReactNode, useId } from 'react';

/**
 * The things a make is done with, seen from the side, on a board at y 140. All share one hand: enamel outlines, a
 * milk, curd or whey fill.
 */

export const MILK = 'var(--cheese-water)';
export const CURD = 'var(--casein)';
export const WHEY = 'var(--whey-water)';
const INK = 'var(--rim)';
export const BOARD_Y = 140;

/** A line of the drawing hand. */
export function Line({ d, width = 3.5, dash }: { d: string; width?: number; dash?: string }) {
  return (
    <path
      d={d}
      fill="none"
      stroke={INK}
      strokeWidth={width}
      strokeLinecap="round"
      strokeLinejoin="round"
      strokeDasharray={dash}
    />
  );
}

/** A filled shape with the hand's outline. */
export function Shape({ d, fill, width = 3 }: { d: string; fill: string; width?: number }) {
  return <path d={d} fill={fill} stroke={INK} strokeWidth={width} strokeLinejoin="round" />;
}

/** A pot cut open: what is in it stands `level` high, 0 to 1, and is drawn within its walls. */
export function Pot({
  fill = MILK,
  level = 0.72,
  children,
}: {
  fill?: string;
  level?: number;
  children?: ReactNode;
}) {
  const id = useId();
  const top = BOARD_Y - 6 - 84 * level;
  return (
    <g>
      <clipPath id={id}>
        <path d="M112 46V120Q112 137 129 137H231Q248 137 248 120V46Z" />
      </clipPath>
      <g clipPath={`url(#${id})`}>
        <rect x="108" y={top} width="144" height="100" fill={fill} />
        {children}
      </g>
      <Line d="M112 50V120Q112 137 129 137H231Q248 137 248 120V50" width={4.5} />
      <Line d="M104 50H256" width={6} />
      <Line d="M104 62H96Q88 62 88 70T96 78H110M256 62H264Q272 62 272 70T264 78H250" />
    </g>
  );
}

/** Fire under a pot, low or high. */
export const Fire = ({ high = false }: { high?: boolean }) => (
  <g>
    {(high ? [128, 154, 180, 206, 232] : [154, 180, 206]).map((x) => {
      const up = high ? 20 : 14;
      return (
        <path
          key={x}
          d={`M${x} 162q-${up * 0.55}-${up * 0.5} 0-${up}q${up * 0.55} ${up * 0.5} 0 ${up}Z`}
          fill="var(--butter)"
          stroke={INK}
          strokeWidth="2.2"
          strokeLinejoin="round"
        />
      );
    })}
  </g>
);

export const Steam = ({ xs = [150, 180, 210] }: { xs?: number[] }) => (
  <g>
    {xs.map((x) => (
      <Line key={x} d={`M${x} 38q-7-7 0-14t0-14`} width={2.5} />
    ))}
  </g>
);

/** A thermometer standing in the pot, its column as high as `full`, 0 to 1. */
export const Thermometer = ({ x = 226, full = 0.6 }: { x?: number; full?: number }) => (
  <g>
    <rect x={x - 6} y="14" width="12" height="92" rx="6" fill="var(--plate)" stroke={INK} strokeWidth="2.8" />
    <rect x={x - 2.2} y={98 - 76 * full} width="4.4" height={76 * full} fill={INK} />
    <circle cx={x} cy="102" r="8" fill={INK} />
  </g>
);

/** A spoon or paddle standing in the pot. */
export const Spoon = ({ x = 150 }: { x?: number }) => (
  <g>
    <Line d={`M${x - 16} 12L${x + 8} 92`} width={5} />
    <ellipse
      cx={x + 12}
      cy="106"
      rx="10"
      ry="15"
      transform={`rotate(-17 ${x + 12} 106)`}
      fill="var(--plate)"
      stroke={INK}
      strokeWidth="3"
    />
  </g>
);

/** An arrow that goes round: stir, turn. */
export const Round = ({ x, y, r = 20 }: { x: number; y: number; r?: number }) => (
  <g>
    <Line d={`M${x - r} ${y}a${r} ${r * 0.45} 0 1 1 ${r} ${r * 0.45}`} width={2.8} />
    <Line d={`M${x + 8} ${y + r * 0.45 - 7}l-8 7l9 5`} width={2.8} />
  </g>
);

/** A jug tipped from the right, what it holds falling in a stream to `to`. */
export const Jug = ({
  fill = WHEY,
  to = 92,
  thin = false,
}: {
  fill?: string;
  to?: number;
  thin?: boolean;
}) => (
  <g>
    <path d={`M234 34V${to}`} stroke={fill} strokeWidth={thin ? 4 : 8} strokeLinecap="round" />
    <path d={`M234 34V${to}`} stroke={INK} strokeWidth="1.2" opacity="0.6" />
    <g transform="rotate(-32 268 24)">
      <Shape d="M240 4H288L283 52H247Z" fill="var(--plate)" />
      <path d="M242.500 24H285.500L283 52H247Z" fill={fill} />
      <Line d="M240 4H288L283 52H247ZM288 14q16 2 14 14t-17 10" width={3} />
    </g>
  </g>
);

/** A cloth wound round the pot, and a lid. */
export const Wrapped = () => (
  <g>
    <Shape
      d="M100 66Q94 104 104 139H256Q266 104 260 66Q220 76 180 70T100 66Z"
      fill="var(--plate-soft)"
      width={3.5}
    />
    <Line d="M118 84q30 6 62 0t62 0M112 108q34 6 68 0t68 0M116 126q32 5 64 0t62 0" width={2} dash="7 7" />
    <Shape d="M102 54Q180 22 258 54Z" fill="var(--plate)" width={4} />
    <Line d="M172 36q8-14 16 0" />
  </g>
);

/** A clock face. */
export const Clock = ({ x = 304, y = 76 }: { x?: number; y?: number }) => (
  <g>
    <circle cx={x} cy={y} r="24" fill="var(--plate)" stroke={INK} strokeWidth="3.2" />
    <path d={`M${x} ${y}V${y - 18}A18 18 0 0 1 ${x + 16} ${y + 8}Z`} fill="var(--now)" />
    <Line d={`M${x} ${y - 15}V${y}L${x + 11} ${y + 7}`} width={3} />
  </g>
);

/** Lumps of curd: centres, and how large. */
export const Lumps = ({
  at,
  size,
  square = false,
}: {
  at: readonly (readonly [number, number])[];
  size: number;
  square?: boolean;
}) => (
  <g>
    {at.map(([x, y]) => (
      <rect
        key={`${x} ${y}`}
        x={x - size / 2}
        y={y - size / 2}
        width={size}
        height={size * 0.86}
        rx={square ? 2 : size * 0.36}
        fill={CURD}
        stroke={INK}
        strokeWidth="2"
      />
    ))}
  </g>
);

/** Places in rows, for lumps, bubbles and grains; every other row moved over. */
export function rows(
  x: number,
  y: number,
  across: number,
  down: number,
  dx: number,
  dy: number,
): [number, number][] {
  return Array.from({ length: across * down }, (_, i) => {
    const row = Math.floor(i / across);
    return [x + (i % across) * dx + (row % 2) * dx * 0.45, y + row * dy];
  });
}

/** Whey falling in drops. */
export const Drops = ({ xs, y = 112 }: { xs: number[]; y?: number }) => (
  <g>
    {xs.map((x, i) => (
      <path
        key={x}
        d={`M${x} ${y + (i % 2) * 9}q-5 8 0 11q5-3 0-11Z`}
        fill={WHEY}
        stroke={INK}
        strokeWidth="1.8"
      />
    ))}
  </g>
);

/** A wide bowl on the board. */
export const Bowl = ({ fill = WHEY, children }: { fill?: string; children?: ReactNode }) => (
  <g>
    <path d="M96 104Q104 138 150 138H210Q256 138 264 104Z" fill={fill} />
    {children}
    <Line d="M88 92Q96 138 150 138H210Q264 138 272 92" width={4.5} />
    <Line d="M82 92H278" width={5.5} />
  </g>
);

/** Grains falling: salt, a culture. */
export const Grains = ({ at }: { at: readonly (readonly [number, number])[] }) => (
  <g>
    {at.map(([x, y]) => (
      <circle key={`${x} ${y}`} cx={x} cy={y} r="2.6" fill="var(--plate)" stroke={INK} strokeWidth="1.6" />
    ))}
  </g>
);

/** Small leaves strewn. */
export const Leaves = ({ at }: { at: readonly (readonly [number, number])[] }) => (
  <g>
    {at.map(([x, y]) => (
      <path
        key={`${x} ${y}`}
        d={`M${x - 6} ${y + 3}Q${x - 2} ${y - 6} ${x + 7} ${y - 4}Q${x + 4} ${y + 5} ${x - 6} ${y + 3}Z`}
        fill="var(--now)"
        stroke={INK}
        strokeWidth="1.6"
        strokeLinejoin="round"
      />
    ))}
  </g>
);

/** A star of frost. */
export const Frost = ({ x, y, r = 14 }: { x: number; y: number; r?: number }) => (
  <Line
    d={[0, 60, 120]
      .map((deg) => {
        const [c, s] = [Math.cos((deg * Math.PI) / 180) * r, Math.sin((deg * Math.PI) / 180) * r];
        return `M${(x - c).toFixed(1)} ${(y - s).toFixed(1)}L${(x + c).toFixed(1)} ${(y + s).toFixed(1)}`;
      })
      .join('')}
    width={3}
  />
);
