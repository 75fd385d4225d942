import { useEffect } from 'react';

/** Keeps the screen awake while somebody stands at a pot, where the browser allows it. */
export function useWakeLock() {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const hold = async () => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
      try {
        const got = await navigator.wakeLock.request('screen');
        if (gone) await got.release();
        else lock = got;
      } catch {
        // Refused on a low battery or without a certificate: the make runs on, the screen may dim.
      }
    };
    void hold();
    document.addEventListener('visibilitychange', hold);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', hold);
      void lock?.release();
    };
  }, []);
}
