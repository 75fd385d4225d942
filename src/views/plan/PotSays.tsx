import { articleOf } from '../../kitchen/named';
import type { Plan } from '../../plan/schema';
import { draftChanged } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { SayPick } from '../../ui/say/SayPick';
import { potTaken, selectPots } from '../draft/pot';

/** Which pot it is made in, where the kitchen has any. */
export function PotSays({ plan }: { plan: Plan }) {
  const dispatch = useAppDispatch();
  const potId = useAppSelector((state) => state.draft.potId);
  const taken = useAppSelector((state) => potTaken(state, plan)?.id);
  const pots = useAppSelector(selectPots);
  if (taken === undefined) return null;
  return (
    <>
      {` in ${articleOf(pots.find(({ id }) => id === taken)?.name ?? '')}`}
      <SayPick
        label="Made in"
        value={taken}
        said={potId !== null}
        options={pots.map(({ id, name, madeIn }) => ({
          value: id,
          text: name,
          reason: madeIn ? `${madeIn.split(',')[0]} is in it.` : undefined,
        }))}
        onChange={(next) => dispatch(draftChanged({ potId: next }))}
      />
    </>
  );
}
