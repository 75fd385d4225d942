import { useState } from 'react';
import type { NewEvent } from '../../run/events';
import { type MakeState, stageAt } from '../../run/state';
import { usePorts } from '../../store/ports';
import { handOver } from '../../store/vault';
import { Button } from '../../ui/parts/Button';
import { Sheet } from '../../ui/parts/Sheet';
import { fileName, saveFile } from '../common/saveFile';
import { say, sayUnwritten } from '../common/written';
import { Choice } from './Choice';
import { PartCurd } from './PartCurd';

interface Props {
  id: string;
  state: MakeState;
  note(event: NewEvent): Promise<boolean>;
}

/** What seldom happens, and is not a mistake: wait, leave out, part the curd, carry it elsewhere. */
export function OutOfTurn({ id, state, note }: Props) {
  const { clock, db } = usePorts();
  const [open, setOpen] = useState(false);
  const stage = stageAt(state);
  const last = state.index === state.plan.stages.length - 1;
  const close = (written: boolean) => written && setOpen(false);
  const carry = async () => {
    try {
      const given = await handOver(db, id, clock.wall());
      if ('reason' in given) return say(given.reason);
      saveFile(`${fileName(state.name)}.json`, given.file);
      setOpen(false);
    } catch (error) {
      sayUnwritten('The handing over', error);
    }
  };
  return (
    <Sheet
      title="Out of turn"
      open={open}
      onOpenChange={setOpen}
      trigger={<Button tone="quiet">Out of turn</Button>}
    >
      <div className="mt-2 max-h-[76vh] overflow-y-auto pr-2">
        {state.pausedAt === null && (
          <Choice text="Somebody is at the door: the clock of this stage waits. The milk does not.">
            <Button onClick={() => void note({ type: 'paused' }).then(close)}>Pause</Button>
          </Choice>
        )}
        {!last && (
          <Choice text={`You do without “${stage.title}”, or it has been done: on to the next stage.`}>
            <Button onClick={() => void note({ type: 'skipped', stage: stage.id }).then(close)}>
              Leave it out
            </Button>
          </Choice>
        )}
        {!last && <PartCurd id={id} state={state} onParted={() => setOpen(false)} />}
        <Choice text="Carry it to another device: its file goes there, and only there it is written on.">
          <Button onClick={() => void carry()}>Hand it over</Button>
        </Choice>
        <div className="mt-4 flex justify-end">
          <Button onClick={() => setOpen(false)}>Close</Button>
        </div>
      </div>
    </Sheet>
  );
}

/** A make another device writes: what it was when it left, and how it comes back. */
export function Elsewhere({ state, note }: Omit<Props, 'id'>) {
  return (
    <section aria-label="Elsewhere" className="plate px-5 pt-5 pb-6 tab:px-8">
      <h1 className="text-[36px]">{state.name} is on another device.</h1>
      <p className="mt-2 max-w-[40rem] text-[19px]">
        Only that one writes it now, so that two never disagree. When it comes back, take its file in from the
        book: it goes on here where it stopped there.
      </p>
      <p className="mt-5">
        <Button size="hand" onClick={() => void note({ type: 'received' })}>
          It never left: go on here
        </Button>
      </p>
    </section>
  );
}
