import { useNavigate } from 'react-router';
import type { Brief } from '../../plan/brief/schema';
import type { Plan } from '../../plan/schema';
import { useNow } from '../../store/hooks';
import { useMethodBook } from '../../store/methodBook';
import { wished } from '../../store/slices/week';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { toast } from '../../ui/parts/toast';
import { wishOf } from '../draft/wishOf';
import { timesOf } from './planTimes';
import { useStart } from './useStart';

/** When it is ready, and the button that freezes the plan into a make and goes to the pot. */
export function StartButton({ brief, plan }: { brief: Brief | null; plan: Plan }) {
  const start = useStart(brief, plan);
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const milkId = useAppSelector((state) => state.draft.milkId);
  const methods = useMethodBook();
  const { readyText } = timesOf(plan, useNow(30_000));
  return (
    <div className="flex items-center gap-x-4">
      <p className="text-[16px]" aria-hidden="true">
        ready <strong className="figure text-[20px]">{readyText}</strong>
      </p>
      <Button
        tone="quiet"
        disabled={brief === null}
        onClick={() => {
          if (!brief) return;
          dispatch(wished(wishOf(brief, milkId, methods)));
          toast('It is in the week.', { action: { label: 'See it', onClick: () => navigate('/week') } });
        }}
      >
        Put it in the week
      </Button>
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
