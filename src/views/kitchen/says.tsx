import { useEffect, useState } from 'react';
import { boilingC } from '../../core/heat/boiling';
import { probeOffsetC } from '../../core/heat/probe';
import type { Format } from '../../core/units/format';
import type { Kitchen } from '../../files/backup';

/** What two checks of a thermometer say about its readings. */
export function thermometerSays(kitchen: Kitchen, format: Format): string {
  const offset = probeOffsetC(
    kitchen.iceReadsC ?? null,
    kitchen.boilReadsC ?? null,
    boilingC(kitchen.altitudeM),
  );
  if (!offset)
    return 'Check it in crushed ice and at the boil, and write down what it shows. Again each month.';
  const at = (c: number) => format.tempStep(Math.abs(offset(c)));
  const way = (c: number) => (offset(c) > 0 ? 'too high' : 'too low');
  return `It reads ${at(35)} ${way(35)} at ${format.temp(35)}, ${at(90)} ${way(90)} at ${format.temp(90)}. Take that off, and check again in a month.`;
}

/** Above this share of the room the browser gives, a warning is due. */
const NEARLY_FULL = 0.9;

/** What the browser has promised about what is kept here; nothing where all is well. */
export function StorageSays() {
  const [text, setText] = useState('');
  useEffect(() => {
    let here = true;
    const ask = async () => {
      const kept = await navigator.storage?.persisted?.();
      const { usage = 0, quota = 0 } = (await navigator.storage?.estimate?.()) ?? {};
      if (!here) return;
      if (quota > 0 && usage / quota > NEARLY_FULL)
        setText('The room this browser gives is nearly full: save a backup, then free some space.');
      else if (!kept)
        setText('This browser may clear it when the disk runs short: save a backup now and then.');
    };
    void ask();
    return () => {
      here = false;
    };
  }, []);
  return text === '' ? null : <strong>{text}</strong>;
}
