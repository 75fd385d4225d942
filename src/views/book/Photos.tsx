import { liveQuery } from 'dexie';
import { useEffect, useState } from 'react';
import type { Photo } from '../../files/photo';
import { parted } from '../../store/aside';
import { usePorts } from '../../store/ports';
import { Button } from '../../ui/parts/Button';
import { FileButton } from '../../ui/parts/FileButton';
import { toast } from '../../ui/parts/toast';
import { momentText } from '../common/times';
import { say, written } from '../common/written';

/** The longer side of a photo as it is kept, px, and how hard it is pressed. */
const SIDE = 1280;
const QUALITY = 0.82;

/** A photo made small enough to keep, as a JPEG's data URL. */
async function smaller(file: File): Promise<string> {
  const image = await createImageBitmap(file);
  const share = Math.min(1, SIDE / Math.max(image.width, image.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(image.width * share);
  canvas.height = Math.round(image.height * share);
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  return canvas.toDataURL('image/jpeg', QUALITY);
}

/** Photos of a make: taken or chosen, kept on this device, gone only when taken out. */
export function Photos({ makeId, name }: { makeId: string; name: string }) {
  const { clock, db } = usePorts();
  const [photos, setPhotos] = useState<Photo[]>([]);
  useEffect(() => {
    const following = liveQuery(() => db.photos.where('makeId').equals(makeId).sortBy('at')).subscribe(
      (rows) => setPhotos(parted<Photo>('photos', rows).read),
    );
    return () => following.unsubscribe();
  }, [db, makeId]);
  const take = async (file: File) => {
    let jpeg: string;
    try {
      jpeg = await smaller(file);
    } catch {
      return say('This file is no picture the browser can read: give a JPEG, PNG or WebP.');
    }
    await written('The photo', () =>
      db.photos.add({ id: crypto.randomUUID(), makeId, at: clock.wall(), jpeg }),
    );
  };
  const remove = async (photo: Photo) => {
    if (!(await written('That the photo is out', () => db.photos.delete(photo.id)))) return;
    toast('The photo is out of the book.', {
      action: { label: 'Put it back', onClick: () => void written('The photo', () => db.photos.add(photo)) },
    });
  };
  return (
    <section aria-label="Photos" className="mt-6 print:hidden">
      <div className="flex flex-wrap items-center gap-4">
        <h2 className="text-[24px]">Photos</h2>
        <FileButton camera text="Put a photo in" accept="image/*" take={(file) => void take(file)} />
      </div>
      <ul className="mt-2 flex flex-wrap gap-4">
        {photos.map((photo) => (
          <li key={photo.id} className="plate w-64 overflow-hidden p-2">
            <img
              src={photo.jpeg}
              alt={`${name}, ${momentText(photo.at, photo.at)}`}
              className="w-full rounded-[10px]"
            />
            <p className="flex items-center justify-between pl-1 text-[15px] text-ink-soft">
              {momentText(photo.at, clock.wall())}
              <Button tone="quiet" size="small" className="min-h-11" onClick={() => void remove(photo)}>
                take out
              </Button>
            </p>
          </li>
        ))}
      </ul>
    </section>
  );
}
