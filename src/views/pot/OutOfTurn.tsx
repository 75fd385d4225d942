import { type ReactNode, useState } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { readNumber } from '../../core/units/numbers';
import type { NewEvent } from '../../run/events';
import { type MakeState, stageAt } from '../../run/state';
import { partCurd } from '../../store/part';
import { usePorts } from '../../store/ports';
import { handOver } from '../../store/vault';
import { Button } from '../../ui/parts/Button';
import { FaultText } from '../../ui/parts/NumberField';
import { Sheet } from '../../ui/parts/Sheet';
import { TextLine } from '../../ui/parts/TextLine';
import { fileName, saveFile } from '../common/saveFile';

interface Props {
  id: string;
  state: MakeState;
  note(event: NewEvent): Promise<boolean>;
}

/** A share the curd can be parted by, in per cent. */
const SHARE = { min: 5, max: 95 } as const;

/** What seldom happens, and is not a mistake: wait, leave out, part the curd, carry it elsewhere. */
export function OutOfTurn({ id, state, note }: Props) {
  const { clock, db } = usePorts();
  const navigate = useNavigate();
  const [open, setOpen] = useState(false);
  const [percent, setPercent] = useState('50');
  const [name, setName] = useState('');
  const share = readNumber(percent);
  const right = share !== null && share >= SHARE.min && share <= SHARE.max;
  const stage = stageAt(state);
  const last = state.index === state.plan.stages.length - 1;
  const close = (written: boolean) => written && setOpen(false);
  const part = async () => {
    if (share === null) return;
    const otherId = crypto.randomUUID();
    const other = { id: otherId, name: name.trim() || `${state.name}, the other half` };
    const reason = await partCurd(db, id, share / 100, other, clock.wall());
    if (reason) {
      toast(reason);
      return;
    }
    setOpen(false);
    toast(`${other.name} is a make of its own now.`, {
      action: { label: 'To that pot', onClick: () => navigate(`/pot/${otherId}`) },
    });
  };
  const carry = async () => {
    const given = await handOver(db, id, clock.wall());
    if ('reason' in given) toast(given.reason);
    else {
      saveFile(`${fileName(state.name)}.json`, given.file);
      setOpen(false);
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
        {!last && (
          <Choice text="Part the curd: both halves go on from here, each with its own doses, time and label.">
            <div className="w-full">
              <TextLine label="Stays here" unit="%" value={percent} onChange={setPercent} />
              <TextLine label="The rest is" value={name} onChange={setName} />
              {!right && (
                <FaultText>
                  Give {SHARE.min} to {SHARE.max} per cent.
                </FaultText>
              )}
              <p className="mt-2 text-right">
                <Button disabled={!right} onClick={() => void part()}>
                  Part it
                </Button>
              </p>
            </div>
          </Choice>
        )}
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

function Choice({ text, children }: { text: string; children: ReactNode }) {
  return (
    <div className="stitch mt-3 flex flex-wrap items-center justify-end gap-x-4 gap-y-2 pt-3">
      <p className="min-w-[13rem] flex-1 text-[17px]">{text}</p>
      {children}
    </div>
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
