import { liveQuery } from 'dexie';
import { useEffect, useState } from 'react';
import { hasBefore } from '../../store/bringBack';
import { usePorts } from '../../store/ports';
import { kitchenSet } from '../../store/slices/kitchen';
import { useAppDispatch } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { HowFar } from '../../ui/parts/HowFar';
import { toast } from '../../ui/parts/toast';
import { saveBackup } from '../common/saveBackup';
import { TakeFile } from '../common/TakeFile';
import { useUnderWay } from '../common/useUnderWay';
import { written } from '../common/written';
import { SetAside } from './SetAside';
import { StorageSays } from './StorageSays';

/** Everything there is, out as one file and in again. */
export function EverythingAsFile() {
  const dispatch = useAppDispatch();
  const ports = usePorts();
  const { archive, db, startOver } = ports;
  const [under, begin] = useUnderWay();
  const [before, setBefore] = useState(false);
  useEffect(() => {
    const following = liveQuery(() => hasBefore(db)).subscribe(setBefore);
    return () => following.unsubscribe();
  }, [db]);
  const undo = async () => {
    const done = await written('Everything as it was', async () => {
      await begin('Putting everything back', (heard) => archive.asBefore(heard));
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
        <Button
          tone="main"
          disabled={under !== null}
          onClick={() => void begin('Saving the backup', (heard) => saveBackup(ports, heard))}
        >
          Save a backup
        </Button>
        <TakeFile
          text="Bring a backup back"
          disabled={under !== null}
          takeFile={async (file) => {
            const restored = await begin('Bringing the backup back', (heard) => archive.bring(file, heard));
            if (restored.ok) {
              dispatch(kitchenSet(restored.value));
              toast('The backup is back.', {
                action: { label: 'As it was before', onClick: () => void undo() },
              });
            }
            return restored;
          }}
        />
        {before && (
          <Button tone="quiet" disabled={under !== null} onClick={() => void undo()}>
            As it was before the last backup came back
          </Button>
        )}
        {startOver && (
          <Button
            disabled={under !== null}
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
      {/* Its line is kept free, so that nothing moves when it comes. */}
      <div className="mt-2 min-h-8">{under && <HowFar {...under} />}</div>
      <SetAside />
    </section>
  );
}
