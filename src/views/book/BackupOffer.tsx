import { liveQuery } from 'dexie';
import { useEffect, useState } from 'react';
import { backupOffer, NEVER_SAVED, putOff, type Saved } from '../../store/backupOffer';
import { useNow } from '../../store/hooks';
import { usePorts } from '../../store/ports';
import { selectOver, useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { HowFar } from '../../ui/parts/HowFar';
import { saveBackup } from '../common/saveBackup';
import { useUnderWay } from '../common/useUnderWay';
import { written } from '../common/written';

/** Offers a backup where the last one is old and much has happened since; an invented kitchen needs none. */
export function BackupOffer() {
  const ports = usePorts();
  const { db, clock, startOver } = ports;
  const [under, begin] = useUnderWay();
  const lines = useAppSelector(selectOver);
  const now = useNow(3_600_000);
  const [saved, setSaved] = useState<Saved | null>(null);
  useEffect(() => {
    const following = liveQuery(async () => (await db.saved()) ?? NEVER_SAVED).subscribe(setSaved);
    return () => following.unsubscribe();
  }, [db]);
  const offer = saved && startOver === null ? backupOffer(lines, saved, now) : null;
  if (!offer || !saved) return null;
  const later = () =>
    written('That it is put off', () =>
      db.settings.put({ key: 'saved', value: putOff(saved, clock.wall()) }),
    );
  return (
    <section
      aria-label="A backup"
      className="plate mt-4 flex flex-wrap items-center justify-between gap-x-6 gap-y-2 px-5 py-3"
    >
      <p className="text-[17px]">
        {offer.ever
          ? `${offer.makes} makes since the last backup, ${offer.days} days ago: they stand on this device alone.`
          : `${offer.makes} makes in ${offer.days} days, and no backup yet: they stand on this device alone.`}
      </p>
      <p className="flex gap-2.5">
        <Button
          size="small"
          tone="main"
          disabled={under !== null}
          onClick={() => void begin('Saving the backup', (heard) => saveBackup(ports, heard))}
        >
          Save a backup
        </Button>
        <Button size="small" onClick={() => void later()}>
          In a week
        </Button>
      </p>
      {under && <HowFar {...under} />}
    </section>
  );
}
