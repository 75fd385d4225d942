import { useCallback, useEffect, useRef, useState } from 'react';
import { z } from 'zod';
import { does, takes } from '../../makes/asked';
import type { DoseId } from '../../makes/grammar';
import { acidGiven, type MakeState } from '../../run/state';
import { useFormat } from '../../store/hooks';
import { usePorts } from '../../store/ports';
import { Button } from '../../ui/parts/Button';
import { Segments } from '../../ui/parts/Segments';
import { Switch } from '../../ui/parts/Switch';
import { toast } from '../../ui/parts/toast';
import { HOB_SETTINGS } from './hobSettings';

const answer = z.object({
  hob: z.number(),
  lid: z.boolean(),
  ice: z.boolean(),
  looks: z.object({ bowl: z.string().nullable(), whey: z.string().nullable() }),
});
type Answer = z.infer<typeof answer>;

const HASTE_MIN = [1, 5, 15, 60] as const;

/** What the make's own log tells the pretend pot: what has gone in, and what is on the scale. */
function happened(state: MakeState) {
  const { stages } = state.plan;
  const wentIn = (what: DoseId) =>
    stages.slice(0, state.index).some((stage) => takes(stage, state.parameters, what));
  const curd = stages.slice(0, state.index + 1).some((stage) => does(stage, 'holds-curd'));
  return {
    culture: wentIn('culture'),
    coagulant: wentIn('coagulant'),
    acidGrams: wentIn('acid') && acidGiven(state) === 0 ? plannedAcid(state) : acidGiven(state),
    scale: curd ? ('curd' as const) : ('pot' as const),
  };
}
const plannedAcid = (state: MakeState) => state.plan.doses.find((dose) => dose.id === 'acid')?.grams ?? 0;

/** A pretend pot to practise at: its hob, lid and ice to turn, what one would see in it, and time that can be hastened. */
export function PretendPot({ pot, state, kg }: { pot: string; state: MakeState; kg: number | null }) {
  const { clock } = usePorts();
  const format = useFormat();
  const [now, setNow] = useState<Answer | null>(null);
  const lastTold = useRef<Promise<void>>(Promise.resolve());
  const tell = useCallback(
    (what: Record<string, unknown>) => {
      // One after the other: time that is hastened must not overtake the hob that was turned up before it.
      lastTold.current = lastTold.current.then(async () => {
        try {
          const response = await fetch(`/bench/${encodeURIComponent(pot)}`, {
            method: 'POST',
            headers: { 'Content-Type': 'application/json' },
            body: JSON.stringify(what),
          });
          setNow(answer.parse(await response.json()));
        } catch {
          toast('The pretend pot does not answer; the pad works as ever.');
        }
      });
      return lastTold.current;
    },
    [pot],
  );
  const { culture, coagulant, acidGrams, scale } = happened(state);
  // A pot that is new to the bench gets this batch.
  const begun = useRef<Record<string, unknown>>({ brief: state.plan.brief });
  useEffect(() => {
    void tell({ ...begun.current, culture, coagulant, acidGrams, scale });
    begun.current = {};
  }, [tell, culture, coagulant, acidGrams, scale]);
  const hasten = async (minutes: number) => {
    clock.hasten?.(minutes * 60_000);
    await tell({ advanceMin: minutes });
  };
  return (
    <fieldset className="mt-3 min-w-0" aria-label="Pretend pot">
      <p className="text-[15px] text-ink-soft">
        A pretend pot, to practise with: its hob and probe have quirks of their own.
      </p>
      <div className="mt-2">
        <Segments
          label="Hob"
          value={String(now?.hob ?? 0)}
          options={HOB_SETTINGS}
          onChange={(hob) => void tell({ hob: Number(hob) })}
        />
      </div>
      <div className="mt-2 flex gap-6">
        <Switch label="lid" on={now?.lid ?? false} onChange={(lid) => void tell({ lid })} />
        <Switch label="in ice water" on={now?.ice ?? false} onChange={(ice) => void tell({ ice })} />
      </div>
      {now && (now.looks.bowl || now.looks.whey || (kg !== null && scale === 'curd')) && (
        <p className="mt-2 text-[17px]" data-testid="looks">
          {[
            now.looks.bowl && (now.looks.bowl === 'stopped' ? 'The bowl stands still.' : 'The bowl turns.'),
            now.looks.whey && `The whey is ${now.looks.whey}.`,
            kg !== null && scale === 'curd' && `On the scale: ${format.kg(kg)}.`,
          ]
            .filter(Boolean)
            .join(' ')}
        </p>
      )}
      <div className="mt-2 flex flex-wrap gap-2">
        {HASTE_MIN.map((minutes) => (
          <Button key={minutes} className="min-h-12" onClick={() => void hasten(minutes)}>
            {format.minutes(minutes)} on
          </Button>
        ))}
      </div>
    </fieldset>
  );
}
