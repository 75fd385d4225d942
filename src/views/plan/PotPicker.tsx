import { useMemo } from 'react';
import type { Plan } from '../../plan/schema';
import { potFor } from '../../plan/tools';
import { carryOverFor } from '../../run/pots';
import { useMethod } from '../../store/methodBook';
import { draftChanged } from '../../store/slices/draft';
import { selectLines, selectRunning, useAppDispatch, useAppSelector } from '../../store/store';
import { SayPick } from '../../ui/say/SayPick';

/** The pot a plan is to be made in: the one chosen, or the smallest free one that holds it. */
export function usePot(plan: Plan) {
  const { pots = [], hobs = [] } = useAppSelector((state) => state.kitchen);
  const potId = useAppSelector((state) => state.draft.potId);
  const makes = useAppSelector(selectLines);
  const running = useAppSelector(selectRunning);
  const method = useMethod(plan.method);
  return useMemo(() => {
    const busy = new Map(running.flatMap(({ state }) => (state.pot ? [[state.pot.id, state.name]] : [])));
    const free = pots.filter((pot) => !busy.has(pot.id));
    const pot = pots.find((one) => one.id === potId) ?? potFor({ plan, method }, free)?.pot ?? null;
    const [first, ...rest] = hobs;
    const source = first && rest.every((hob) => hob.source === first.source) ? first.source : null;
    return {
      choices: pots.map((one) => ({ ...one, madeIn: busy.get(one.id) ?? null })),
      chosen: pot && {
        id: pot.id,
        name: pot.name,
        carryOverC: carryOverFor(pot.id, plan.brief.milk.litres ?? 1, makes, source),
      },
    };
  }, [plan, method, pots, hobs, potId, makes, running]);
}

/** Which pot it is made in, where the kitchen has any. */
export function PotSays({ plan }: { plan: Plan }) {
  const dispatch = useAppDispatch();
  const potId = useAppSelector((state) => state.draft.potId);
  const pot = usePot(plan);
  if (!pot.chosen) return null;
  return (
    <>
      {' '}
      in the{' '}
      <SayPick
        label="Made in"
        value={pot.chosen.id}
        said={potId !== null}
        options={pot.choices.map(({ id, name, madeIn }) => ({
          value: id,
          text: name,
          reason: madeIn ? `${madeIn.split(',')[0]} is in it.` : undefined,
        }))}
        onChange={(next) => dispatch(draftChanged({ potId: next }))}
      />
    </>
  );
}
