import type { Kitchen } from '../kitchen/kitchen';

type Look = Kitchen['look'];

const LOOK = 'look';
const dark = matchMedia('(prefers-color-scheme: dark)');

const put = (look: string | null) => {
  document.documentElement.dataset.look =
    look === 'dark' || (look !== 'light' && dark.matches) ? 'dark' : 'light';
};

/** Wears what was worn last on this device, before anything is read: nobody is blinded at night by an app that opens. */
export function wearLast(): void {
  let last: string | null = null;
  try {
    last = localStorage.getItem(LOOK);
  } catch {
    // A window without a memory begins as the machine does.
  }
  put(last);
}

/** Wears a look, and goes with the machine where that is what is wanted; returns how to stop. */
export function wear(look: Look): () => void {
  const apply = () => put(look);
  apply();
  try {
    localStorage.setItem(LOOK, look);
  } catch {
    // It is worn all the same.
  }
  dark.addEventListener('change', apply);
  return () => dark.removeEventListener('change', apply);
}
