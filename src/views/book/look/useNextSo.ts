import { useNavigate } from 'react-router';
import type { OptionValue } from '../../../makes/method';
import type { Brief } from '../../../plan/brief/schema';
import { bookOf } from '../../../plan/planOf';
import type { MakeEvent } from '../../../run/events';
import type { MakeState } from '../../../run/state';
import { draftSet } from '../../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../../store/store';
import { draftOf } from '../../draft/draftOf';

/**
 * Lays a make's brief out as the draft of the next one; times stay behind. With options changed, the make as it was stands
 * beside it, so that the plan tells the two apart.
 */
export function useNextSo() {
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const kitchen = useAppSelector((state) => state.kitchen);
  const milks = useAppSelector((state) => state.data.milks);
  return (
    log: readonly MakeEvent[],
    state: MakeState,
    options: Readonly<Record<string, OptionValue>> = {},
  ) => {
    const { plan, milkName, milks: lots } = state;
    const known = milks.find((one) => (lots.length === 1 ? one.id === lots[0]?.id : one.name === milkName));
    const [first] = log;
    // As it was planned, and not as it came to be given at the pot.
    const brief = first?.type === 'started' ? first.plan.brief : plan.brief;
    const next = draftOf(
      { ...brief, options: { ...brief.options, ...options } } as Brief,
      kitchen,
      known?.id ?? null,
      bookOf(state),
    );
    dispatch(draftSet(Object.keys(options).length > 0 ? { ...next, against: brief } : next));
    navigate('/plan');
  };
}
