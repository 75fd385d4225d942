import type { Brief } from '../../plan/brief/schema';
import type { Plan } from '../../plan/schema';
import { useNow } from '../../store/hooks';
import { Button } from '../../ui/parts/Button';
import { timesOf } from './planTimes';
import { useStart } from './useStart';

/** When it is ready, and the button that freezes the plan into a make and goes to the pot. */
export function StartButton({ brief, plan }: { brief: Brief | null; plan: Plan }) {
  const start = useStart(brief, plan);
  const { readyText } = timesOf(plan, useNow(30_000));
  return (
    <div className="flex items-center gap-x-4">
      <p className="text-[16px]" aria-hidden="true">
        ready <strong className="figure text-[20px]">{readyText}</strong>
      </p>
      <Button
        tone="main"
        className="text-[18px]"
        disabled={brief === null || start.starting}
        onClick={() => void start.begin()}
      >
        Take it to the pot
      </Button>
    </div>
  );
}
