import type { Database } from '../../store/db';
import type { Clock } from '../../store/ports';
import { backupBlob } from '../../store/saveAll';
import { saveBlob } from './saveFile';
import { written } from './written';

/** Saves everything as one file, and remembers when. */
export const saveBackup = (db: Database, clock: Clock): Promise<boolean> =>
  written('The backup', async () => {
    saveBlob('plump-pail-backup.json', await backupBlob(db));
    await db.settings.put({ key: 'saved', value: { at: clock.wall(), putOffUntil: null } });
  });
