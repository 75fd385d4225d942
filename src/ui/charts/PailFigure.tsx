import { curveBasis, line } from 'd3-shape';
import { roundTo } from '../../core/units/numbers';
import { halfWidth, layerTops, type PailShape, spreadLabels } from './pailShape';

export interface PailPart {
  key: string;
  label: string;
  kg: number;
  text: string;
}

export interface PailProps {
  /** From the bottom up. */
  cheese: readonly PailPart[];
  whey: readonly PailPart[];
  cheeseText: string;
  wheyText: string;
  /** The whole figure in a sentence. */
  described: string;
}

const W = 664;
const H = 408;
const SHAPE: PailShape = { bottom: 178, top: 258, height: 304 };
const BASE_Y = 392;
const MIDDLE = W / 2;
const FILL = 0.88;
const GAP = 28;
/** A layer thinner than this has no room for its name: that then stands over the labels beside it. */
const NAMED_FROM = 36;

const fills: Record<string, string> = {
  fat: 'var(--butter)',
  casein: 'var(--casein)',
  wheyProtein: 'var(--whey-protein)',
  dissolved: 'var(--lactose)',
};

/** To a tenth, which nobody can see: what has hardly moved is written as it was, and not drawn anew. */
const tenth = (at: number) => roundTo(at, 1);

const slice = (from: number, to: number) => {
  const a = tenth(halfWidth(SHAPE, from));
  const b = tenth(halfWidth(SHAPE, to));
  const [low, high] = [tenth(BASE_Y - from), tenth(BASE_Y - to)];
  return `M${MIDDLE - a} ${low}L${MIDDLE - b} ${high}L${MIDDLE + b} ${high}L${MIDDLE + a} ${low}Z`;
};

function wave(y: number, swell: number): string {
  const half = halfWidth(SHAPE, y) - 2;
  const points = Array.from(
    { length: 9 },
    (_, i) =>
      [MIDDLE - half + (i * half) / 4, BASE_Y - y + (i % 2 === 0 ? swell : -swell)] as [number, number],
  );
  return line().digits(1).curve(curveBasis)(points) ?? '';
}

/** The pail cut open: where the milk goes. Drawn areas are masses; cheese below, whey above, a boundary between. */
export function PailFigure({ cheese, whey, cheeseText, wheyText, described }: PailProps) {
  const layers = [
    ...cheese.map((part) => ({ ...part, body: 'cheese' as const })),
    ...whey.map((part) => ({ ...part, body: 'whey' as const })),
  ];
  const tops = layerTops(
    SHAPE,
    layers.map((layer) => layer.kg),
    FILL,
  ).map(tenth);
  const boundary = tops[cheese.length - 1] ?? 0;
  const surface = tops.at(-1) ?? 0;
  const under = tops[cheese.length - 2] ?? 0;
  const thin = boundary - under < NAMED_FROM;
  const middles = layers.map((_, i) => tenth(((tops[i] ?? 0) + (tops[i - 1] ?? 0)) / 2));
  const labelled = (body: 'cheese' | 'whey') =>
    layers
      .map((layer, i) => ({ ...layer, y: BASE_Y - (middles[i] ?? 0) }))
      .filter((layer) => layer.body === body)
      .reverse();
  const right = labelled('cheese');
  const left = labelled('whey');
  const rightY = spreadLabels(
    right.map((one) => one.y),
    GAP,
    H - 8,
  );
  const leftY = spreadLabels(
    left.map((one) => one.y),
    GAP,
    H - 60,
  );
  return (
    <figure className="m-0">
      <svg viewBox={`0 0 ${W} ${H}`} className="block h-auto w-full" role="img" aria-label={described}>
        <defs>
          <pattern
            id="curd-dots"
            width="9"
            height="9"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(20)"
          >
            <circle cx="2" cy="2" r="1.1" fill="var(--ink)" opacity="0.28" />
          </pattern>
          <pattern
            id="fat-lines"
            width="7"
            height="7"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <path d="M0 0h7" stroke="var(--ink)" strokeWidth="1" opacity="0.3" />
          </pattern>
          <clipPath id="pail-inside">
            <path d={slice(0, SHAPE.height)} />
          </clipPath>
        </defs>
        <path
          d={`M${MIDDLE - 124} 88C${MIDDLE - 112} 28 ${MIDDLE - 60} 10 ${MIDDLE} 10S${MIDDLE + 112} 28 ${MIDDLE + 124} 88`}
          fill="none"
          stroke="var(--rim)"
          strokeWidth="6"
          strokeLinecap="round"
        />
        <rect
          x={MIDDLE - 24}
          y={4}
          width={48}
          height={13}
          rx={6.5}
          fill="var(--butter)"
          stroke="var(--rim)"
          strokeWidth="3"
        />
        <path d={slice(0, SHAPE.height)} fill="var(--plate)" />
        <g clipPath="url(#pail-inside)">
          {layers.map((layer, i) => {
            const path = slice(tops[i - 1] ?? 0, tops[i] ?? 0);
            const water = layer.body === 'cheese' ? 'var(--cheese-water)' : 'var(--whey-water)';
            return (
              <g
                key={`${layer.body}-${layer.key}`}
                data-part={`${layer.body}-${layer.key}`}
                data-kg={layer.kg}
              >
                <path d={path} fill={fills[layer.key] ?? water} />
                {layer.key === 'fat' && <path d={path} fill="url(#fat-lines)" />}
                {layer.key === 'casein' && <path d={path} fill="url(#curd-dots)" />}
              </g>
            );
          })}
          <path d={wave(surface, 3)} fill="none" stroke="var(--rim)" strokeWidth="2" opacity="0.55" />
        </g>
        <path d={wave(boundary, 2.2)} fill="none" stroke="var(--ink)" strokeWidth="4" strokeLinecap="round" />
        <path
          d={slice(0, SHAPE.height)}
          fill="none"
          stroke="var(--rim)"
          strokeWidth="7"
          strokeLinejoin="round"
        />
        <path
          d={`M${MIDDLE - SHAPE.top / 2 - 12} ${BASE_Y - SHAPE.height}h${SHAPE.top + 24}`}
          stroke="var(--rim)"
          strokeWidth="10"
          strokeLinecap="round"
        />
        <g fill="var(--chip)">
          <path d={`M${MIDDLE + 99} 300l3-7 5 2 0 6-5 4z`} />
          <path d={`M${MIDDLE - 126} 132l5-2 3 5-4 4-5-3z`} />
          <path d={`M${MIDDLE - 46} 392l7-3 5 3-3 3z`} />
        </g>
        <text
          x={MIDDLE}
          y={tenth(BASE_Y - (surface + boundary) / 2 + 6)}
          textAnchor="middle"
          className="figure"
          fontSize="25"
          fill="var(--ink)"
        >
          {wheyText}
        </text>
        <text
          x={thin ? MIDDLE + 146 : MIDDLE}
          y={tenth(thin ? (rightY[0] ?? 0) - GAP : BASE_Y - (boundary + under) / 2 + 8)}
          textAnchor={thin ? 'start' : 'middle'}
          className="figure"
          fontSize="25"
          fill="var(--ink)"
        >
          {cheeseText}
        </text>
        {[
          { side: -1, list: left, ys: leftY },
          { side: 1, list: right, ys: rightY },
        ].map(({ side, list, ys }) =>
          list.map((part, i) => {
            const y = ys[i] ?? part.y;
            const wall = MIDDLE + side * (tenth(halfWidth(SHAPE, BASE_Y - part.y)) + 4);
            const textX = MIDDLE + side * 146;
            return (
              <g key={`${side}${part.key}`} className="hidden lap:block">
                <path
                  d={`M${wall} ${part.y}L${textX - side * 6} ${y - 4}`}
                  stroke="var(--rim-soft)"
                  strokeWidth="1.5"
                  fill="none"
                />
                <text x={textX} y={y} textAnchor={side < 0 ? 'end' : 'start'} fontSize="21" fill="var(--ink)">
                  {part.label} <tspan fontWeight="700">{part.text}</tspan>
                </text>
              </g>
            );
          }),
        )}
      </svg>
      <div className="grid grid-cols-2 gap-x-6 text-[15px] lap:hidden" aria-hidden="true">
        {[
          { body: 'whey', title: wheyText, list: left },
          { body: 'cheese', title: cheeseText, list: right },
        ].map(({ body, title, list }) => (
          <div key={body}>
            <p className="name">{title}</p>
            {list.map((part) => (
              <p key={part.key} className="flex justify-between gap-2">
                {part.label} <strong>{part.text}</strong>
              </p>
            ))}
          </div>
        ))}
      </div>
    </figure>
  );
}
