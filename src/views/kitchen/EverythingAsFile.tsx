import { toast } from 'sonner';
import { usePorts } from '../../store/ports';
import { kitchenSet } from '../../store/slices/kitchen';
import { useAppDispatch } from '../../store/store';
import { backup, restore } from '../../store/vault';
import { Button } from '../../ui/parts/Button';
import { saveFile } from '../common/saveFile';
import { TakeFile } from '../common/TakeFile';
import { StorageSays } from './StorageSays';

/** Everything there is, out as one file and in again. */
export function EverythingAsFile() {
  const dispatch = useAppDispatch();
  const { db, startOver } = usePorts();
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
          onClick={() => void backup(db).then((file) => saveFile('plump-pail-backup.json', file))}
        >
          Save a backup
        </Button>
        <TakeFile
          text="Bring a backup back"
          take={async (value) => {
            const before = await backup(db);
            const restored = await restore(db, value);
            if (restored.ok) {
              dispatch(kitchenSet(restored.value.kitchen));
              toast('The backup is back.', {
                duration: 20_000,
                action: {
                  label: 'As it was before',
                  onClick: () =>
                    void restore(db, before).then(
                      (undone) => undone.ok && dispatch(kitchenSet(undone.value.kitchen)),
                    ),
                },
              });
            }
            return restored;
          }}
        />
        {startOver && (
          <Button
            onClick={() =>
              void startOver().then(() => {
                location.assign('/');
              })
            }
          >
            Start the demo over
          </Button>
        )}
      </div>
    </section>
  );
}
