import type { ExternalToast } from 'sonner';

/** Says something in passing; what shows it comes with the first word. */
const said =
  (how: 'message' | 'success' | 'error') =>
  (text: string, more?: ExternalToast): void =>
    void import('sonner').then(({ toast }) => toast[how](text, more));

export const toast = said('message');
export const toastGood = said('success');
export const toastWrong = said('error');
