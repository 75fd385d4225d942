import type { Heard } from '../../store/howFar';
import type { Ports } from '../../store/ports';
import { saveBlob } from './saveFile';
import { written } from './written';

/** Saves everything as one file, and remembers when. */
export const saveBackup = (
  { archive, db, clock }: Pick<Ports, 'archive' | 'db' | 'clock'>,
  heard: Heard,
): Promise<boolean> =>
  written('The backup', async () => {
    saveBlob('plump-pail-backup.json', await archive.save(heard));
    await db.settings.put({ key: 'saved', value: { at: clock.wall(), putOffUntil: null } });
  });
