import { HandGlyph } from '../glyphs/glyphs';

/** A letter of a stage's name at its widest, so that no name is cut off. */
const LETTER_PX = 8.8;

export interface TrackStage {
  id: string;
  title: string;
  short: string;
  startMin: number;
  durationMin: number;
  handsOnMin: number;
  state?: 'done' | 'now' | 'coming';
}

/** A stage on the track's foot: as long as it takes, hatched where hands are wanted. */
export function StageBar({
  stage,
  from,
  to,
  top,
}: {
  stage: TrackStage;
  from: number;
  to: number;
  top: number;
}) {
  const width = Math.max(2, to - from - 2);
  const busy = stage.handsOnMin >= stage.durationMin * 0.5;
  const now = stage.state === 'now';
  return (
    <g>
      <title>{stage.title}</title>
      <rect
        x={from + 1}
        y={top}
        width={width}
        height={32}
        rx={5}
        fill={now ? 'var(--now)' : stage.state === 'done' ? 'var(--tile)' : 'var(--plate-soft)'}
        stroke="var(--rim)"
        strokeWidth={now ? 3.5 : 1.5}
      />
      {busy && <rect x={from + 1} y={top} width={width} height={32} rx={5} fill="url(#hands-on)" />}
      {width > 44 && (
        <svg x={from + 6} y={top} width={width - 10} height={32} overflow="hidden" aria-hidden="true">
          {busy && width > 90 && (
            <g transform="translate(0 6)" color="var(--ink)">
              <HandGlyph size={20} />
            </g>
          )}
          <text
            x={busy && width > 90 ? 26 : 2}
            y={21}
            fontSize="14"
            fontWeight="600"
            fill={now ? 'var(--on-now)' : 'var(--ink)'}
          >
            {stage.short.length * LETTER_PX + (busy && width > 90 ? 26 : 2) < width - 10 && stage.short}
          </text>
        </svg>
      )}
    </g>
  );
}

/** Bands of neighbouring stages join; a stage without one leaves a gap, marked by a repeated minute with NaN bounds. */
export function splitAtGaps(
  band: readonly (readonly [minute: number, lowC: number, highC: number])[],
): (readonly [number, number, number])[][] {
  const groups: (readonly [number, number, number])[][] = [[]];
  for (const point of band) {
    if (Number.isNaN(point[1])) groups.push([]);
    else groups.at(-1)?.push(point);
  }
  return groups.filter((group) => group.length > 1);
}
