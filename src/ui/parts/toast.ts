import type { ExternalToast } from 'sonner';

/** Long enough to read a line in passing, ms. */
const READ_MS = 5000;
/** Long enough to read what went wrong, or to come back from the stove to a button, ms. */
const ANSWERED_MS = 20_000;

/** Says something in passing; what shows it comes with the first word. */
const said =
  (how: 'message' | 'success' | 'error') =>
  (text: string, more?: ExternalToast): void => {
    const duration = how === 'error' || more?.action ? ANSWERED_MS : READ_MS;
    void import('sonner').then(({ toast }) => toast[how](text, { duration, ...more }));
  };

export const toast = said('message');
export const toastGood = said('success');
export const toastWrong = said('error');
