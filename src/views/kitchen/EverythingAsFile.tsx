import { liveQuery } from 'dexie';
import { useEffect, useState } from 'react';
import { asBefore, hasBefore, restore } from '../../store/bringBack';
import { usePorts } from '../../store/ports';
import { kitchenSet } from '../../store/slices/kitchen';
import { useAppDispatch } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { toast } from '../../ui/parts/toast';
import { saveBackup } from '../common/saveBackup';
import { TakeFile } from '../common/TakeFile';
import { written } from '../common/written';
import { SetAside } from './SetAside';
import { StorageSays } from './StorageSays';

/** Everything there is, out as one file and in again. */
export function EverythingAsFile() {
  const dispatch = useAppDispatch();
  const { clock, db, startOver } = usePorts();
  const [before, setBefore] = useState(false);
  useEffect(() => {
    const following = liveQuery(() => hasBefore(db)).subscribe(setBefore);
    return () => following.unsubscribe();
  }, [db]);
  const undo = async () => {
    const done = await written('Everything as it was', async () => {
      await asBefore(db);
      const kitchen = await db.kitchen();
      if (kitchen) dispatch(kitchenSet(kitchen));
    });
    if (done) toast('Everything is as it was before the backup.');
  };
  return (
    <section aria-label="Everything as a file">
      <h2 className="text-[24px]">Everything as a file</h2>
      <p className="mt-1 max-w-[44rem] text-[16px]">
        All you typed and noted lives in this browser, on this device. A backup is one file with everything in
        it; bringing one back puts it in the place of what is here. <StorageSays />
      </p>
      <div className="mt-3 flex flex-wrap items-start gap-4">
        <Button tone="main" onClick={() => void saveBackup(db, clock)}>
          Save a backup
        </Button>
        <TakeFile
          text="Bring a backup back"
          take={async (value) => {
            const restored = await restore(db, value);
            if (restored.ok) {
              dispatch(kitchenSet(restored.value.kitchen));
              toast('The backup is back.', {
                duration: 20_000,
                action: { label: 'As it was before', onClick: () => void undo() },
              });
            }
            return restored;
          }}
        />
        {before && (
          <Button tone="quiet" onClick={() => void undo()}>
            As it was before the last backup came back
          </Button>
        )}
        {startOver && (
          <Button
            onClick={() =>
              void written('The demo', async () => {
                await startOver();
                location.assign('/');
              })
            }
          >
            Start the demo over
          </Button>
        )}
      </div>
      <SetAside />
    </section>
  );
}
