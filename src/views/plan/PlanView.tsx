import { useDeferredValue } from 'react';
import { methodById } from '../../makes';
import { useNow } from '../../store/hooks';
import { useAppSelector } from '../../store/store';
import { clockText, dayClock } from '../common/times';
import { MethodChooser } from './MethodChooser';
import { MilkForm } from './MilkForm';
import { Options } from './Options';
import { PrintSheet } from './PrintSheet';
import { timesOf } from './planTimes';
import { Scene } from './Scene';
import { useLivePlan } from './usePlan';

/** Plan: what is in the pail on the left, what becomes of it on the right, at once as one types. */
export default function PlanView() {
  const live = useLivePlan();
  const chosen = methodById(useAppSelector((state) => state.draft.method));
  const method = methodById(live.planned?.plan.method ?? '');
  const now = useNow(60_000);
  // Nobody sees the paper while typing: it may follow a moment later.
  const onPaper = useDeferredValue(live.planned);
  const paperMethod = methodById(onPaper?.plan.method ?? '');
  return (
    <>
      {onPaper && paperMethod && (
        <PrintSheet
          planned={onPaper}
          method={paperMethod}
          startMs={timesOf(onPaper.plan, now).startMs}
          clock={onPaper.plan.predictions.totalHours > 20 ? dayClock : clockText}
        />
      )}
      <div className="flex flex-col print:hidden lap:grid lap:grid-cols-[19rem_minmax(0,1fr)] lap:grid-rows-[auto_auto_1fr] lap:gap-x-7">
        <div className="lap:col-span-2">
          <MethodChooser />
        </div>
        <MilkForm faults={live.faults} plan={live.planned?.plan ?? null} />
        <div className="min-w-0 lap:col-start-2 lap:row-span-2 lap:row-start-2">
          {live.planned && method ? (
            <Scene
              planned={live.planned}
              own={live.own}
              method={method}
              brief={live.brief}
              faults={live.faults}
            />
          ) : (
            <p className="mt-5 text-lg lap:mt-0">Mend the marked fields and the plan appears here.</p>
          )}
        </div>
        {chosen && <Options method={chosen} faults={live.faults} plan={live.planned?.plan ?? null} />}
      </div>
    </>
  );
}
