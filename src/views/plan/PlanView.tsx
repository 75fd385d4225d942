import { useRef, useState } from 'react';
import type { Planned } from '../../plan/planned';
import { useNow } from '../../store/hooks';
import { useMethod } from '../../store/methodBook';
import { useAppSelector } from '../../store/store';
import { useHere } from '../../ui/say/useHere';
import { useAtRest, useFollowing } from '../common/following';
import { clockText, dayClock } from '../common/times';
import { Changes } from './Changes';
import { MethodChooser, Shelves } from './MethodChooser';
import { MilkSentence } from './MilkSentence';
import { PrintSheet } from './PrintSheet';
import { timesOf } from './planTimes';
import { Scene } from './Scene';
import { ToMend } from './ToMend';
import { useLivePlan } from './usePlan';

const sameMake = (a: Planned, b: Planned) => a.plan.method === b.plan.method;

/** Plan: the milk in a sentence, what becomes of it at once as one changes a word, the make in sentences beneath. */
export default function PlanView() {
  const live = useLivePlan();
  const draft = useAppSelector((state) => state.draft);
  const chosen = useMethod(draft.method);
  const now = useNow(60_000);
  // What stands beneath the make, and the paper, which nobody sees while typing. What nobody has chosen is not printed.
  const later = useAtRest(draft.chosen ? live.settled : null, draft.chosen ? live.planned : null, sameMake);
  const plan = live.planned?.plan ?? null;
  // The figures come at once; what the sentence says of the pot and of what is left of the milk may follow.
  const soon = useFollowing(live.planned, sameMake);
  const mending = useRef<HTMLElement>(null);
  const atMending = useHere(mending);
  const [fromShelf, setFromShelf] = useState(false);
  const taken = () => {
    setFromShelf(true);
    scrollTo(0, 0);
  };
  return (
    <>
      {later && (
        <PrintSheet
          planned={later}
          method={later.method}
          startMs={timesOf(later.plan, now).startMs}
          clock={later.plan.predictions.totalHours > 20 ? dayClock : clockText}
        />
      )}
      <div className={draft.chosen && plan ? 'print:hidden' : undefined}>
        <Changes planned={live.planned}>
          {draft.chosen ? (
            <MethodChooser brief={live.brief} plan={plan} justChosen={fromShelf} />
          ) : (
            <h1 className="name text-[30px] leading-tight tab:text-[36px]">What could this milk become?</h1>
          )}
          <MilkSentence method={chosen} faults={live.faults} planned={soon} />
          {!draft.chosen && <Shelves onChosen={taken} />}
          {draft.chosen && chosen && (!live.planned || atMending.here) && (
            <ToMend method={chosen} faults={live.faults} place={mending} at={atMending} />
          )}
          {draft.chosen && live.planned && (
            <Scene
              planned={live.planned}
              soon={soon ?? live.planned}
              later={later}
              own={live.own}
              method={live.planned.method}
              brief={live.brief}
              faults={live.faults}
            />
          )}
        </Changes>
      </div>
    </>
  );
}
