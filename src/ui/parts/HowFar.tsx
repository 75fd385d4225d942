/** How far something has come that takes its time: said and drawn, and only where it takes long enough to wonder. */
export function HowFar({ what, share }: { what: string; share: number }) {
  return (
    <p className="appears-late flex flex-wrap items-center gap-x-3 gap-y-1 text-[16px]">
      <progress
        aria-label={what}
        value={share}
        max={1}
        className="h-4 w-44 appearance-none overflow-hidden rounded-full border-2 border-rim bg-plate [&::-moz-progress-bar]:bg-now [&::-webkit-progress-bar]:bg-plate [&::-webkit-progress-value]:bg-now"
      />
      <span>
        {what}, <span className="figure">{Math.round(100 * share)}</span> %
      </span>
    </p>
  );
}
