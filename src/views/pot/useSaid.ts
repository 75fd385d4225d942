import { useMemo } from 'react';
import { methodIn } from '../../plan/planOf';
import { type StageSaid, sentencesOf } from '../../plan/sentences';
import type { MakeState } from '../../run/state';
import { useFormat } from '../../store/hooks';

/** The stages of a make in their sentences, in its order; none where its method is not known any more. */
export function useSaid(state: MakeState): readonly StageSaid[] {
  const format = useFormat();
  return useMemo(() => {
    const method = methodIn(state);
    return method ? sentencesOf(state, method, format).stages : [];
  }, [state, format]);
}
