import { scaleLinear } from 'd3-scale';
import type { Review } from '../../run/review';
import { useFormat } from '../../store/hooks';

const W = 230;

/** What was weighed, on the spread that was planned. */
export function YieldMark({ review }: { review: Review }) {
  const format = useFormat();
  const { low, high, likely } = review.plannedKg;
  const weighed = review.weighedKg;
  const x = scaleLinear(
    [Math.min(low, weighed ?? low) * 0.94, Math.max(high, weighed ?? high) * 1.04],
    [6, W - 6],
  );
  return (
    <span className="block">
      <span className="block text-[16px]">
        <strong className="figure text-[24px]">{weighed === null ? '–' : format.kg(weighed)}</strong>{' '}
        <span className="text-ink-soft">planned {format.kg(likely)}</span>
      </span>
      <svg
        width={W}
        height={20}
        viewBox={`0 0 ${W} 20`}
        className="mt-0.5 block max-w-full"
        role="img"
        aria-label={`planned between ${format.kg(low)} and ${format.kg(high)}`}
      >
        <path d={`M6 10H${W - 6}`} stroke="var(--rim-soft)" strokeWidth="1.5" />
        <rect
          x={x(low)}
          y={4}
          width={x(high) - x(low)}
          height={12}
          rx={6}
          fill="var(--now)"
          stroke="var(--now-edge)"
          strokeWidth="1.5"
        />
        <path d={`M${x(likely)} 2v16`} stroke="var(--rim)" strokeWidth="2.5" />
        {weighed !== null && (
          <circle cx={x(weighed)} cy={10} r={6.5} fill="var(--plate)" stroke="var(--ink)" strokeWidth="3.5" />
        )}
      </svg>
    </span>
  );
}
