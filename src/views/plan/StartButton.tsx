import { format as formatDate } from 'date-fns';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { methodById } from '../../makes';
import type { Brief } from '../../plan/brief/schema';
import { MODEL_VERSION, planBrief } from '../../plan/plan';
import type { Plan } from '../../plan/schema';
import { startMake } from '../../store/log';
import { usePorts } from '../../store/ports';
import { useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { takenBy } from '../common/goods';
import { PotPicker, usePot } from './PotPicker';

/** Freezes the plan into a make and goes to the pot. */
export function StartButton({ brief, plan }: { brief: Brief | null; plan: Plan }) {
  const { clock, db, planner } = usePorts();
  const navigate = useNavigate();
  const milkId = useAppSelector((state) => state.draft.milkId);
  const milks = useAppSelector((state) => state.data.milks);
  const chosen = useAppSelector((state) => state.draft.goods);
  const goods = useAppSelector((state) => state.data.goods);
  const pot = usePot(plan);
  const [starting, setStarting] = useState(false);
  const start = async () => {
    if (starting || !brief) return;
    setStarting(true);
    // Frozen with its own spread, not with one carried over from the keystroke before.
    const result = (await planner.plan(brief)) ?? planBrief(brief);
    if (!result.ok) {
      setStarting(false);
      return;
    }
    const planned = result.value;
    const at = clock.wall();
    const id = crypto.randomUUID();
    const short = methodById(planned.plan.method)?.short ?? planned.plan.method;
    const name = `${short.charAt(0).toUpperCase()}${short.slice(1)}, ${formatDate(at, 'EEE d MMM HH:mm')}`;
    try {
      await startMake(
        db,
        id,
        {
          type: 'started',
          name,
          milkName: milks.find((milk) => milk.id === milkId)?.name ?? '',
          plan: planned.plan,
          parameters: planned.parameters,
          modelVersion: MODEL_VERSION,
          ...(pot.chosen && { pot: pot.chosen }),
          taken: takenBy(planned.plan, chosen, goods),
        },
        at,
      );
      navigate(`/pot/${id}`);
    } catch (error) {
      setStarting(false);
      toast.error(
        `The make could not be written down: ${(error as Error).message}. Nothing is lost; try again, or free some space on this device.`,
      );
    }
  };
  return (
    <>
      {pot.choices.length > 1 && <PotPicker pot={pot} />}
      <Button
        tone="main"
        className="mt-4 w-full text-[19px]"
        size="usual"
        disabled={brief === null || starting}
        onClick={() => void start()}
      >
        Take it to the pot
      </Button>
    </>
  );
}
