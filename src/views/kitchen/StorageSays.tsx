import { useEffect, useState } from 'react';

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
