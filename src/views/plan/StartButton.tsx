import type { Brief } from '../../plan/brief/schema';
import type { Plan } from '../../plan/schema';
import { Button } from '../../ui/parts/Button';
import { OtherBeginnings } from './OtherBeginnings';
import { PotPicker } from './PotPicker';
import { useStart } from './useStart';

/** Freezes the plan into a make and goes to the pot. */
export function StartButton({ brief, plan }: { brief: Brief | null; plan: Plan }) {
  const start = useStart(brief, plan);
  const rests = brief === null || start.starting;
  return (
    <div className="grid items-end gap-x-5 tab:grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)]">
      {start.pot.choices.length > 1 && <PotPicker pot={start.pot} />}
      <Button
        tone="main"
        className="mt-4 w-full text-[19px]"
        size="usual"
        disabled={rests}
        onClick={() => void start.begin()}
      >
        Take it to the pot
      </Button>
      <OtherBeginnings plan={plan} rests={rests} begin={start.begin} enter={start.enter} />
    </div>
  );
}
