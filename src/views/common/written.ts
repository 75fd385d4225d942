import { whyNot } from '../../store/whyNot';
import { toast, toastWrong } from '../../ui/parts/toast';

/** Said until it is answered, once however often it happens. */
const STAYS = { duration: Number.POSITIVE_INFINITY, closeButton: true } as const;

/** Says what went wrong, and keeps saying it until it is answered. */
export const say = (text: string): void => toastWrong(text, { ...STAYS, id: text });

/** Tells something that is no fault, until it is answered. */
export const tellStays = (text: string): void => toast(text, { ...STAYS, id: text });

/** Says that something could not be written down, and why. */
export const sayUnwritten = (what: string, error: unknown): void =>
  say(`${what} could not be written down: ${whyNot(error)}.`);

/**
 * Does something that writes, and says so where it fails: `what` is what could not be written, with a capital. Resolves
 * to whether it is on the disk, so that a sheet stays open with what was typed where it is not.
 */
export async function written(what: string, work: () => Promise<unknown>): Promise<boolean> {
  try {
    await work();
    return true;
  } catch (error) {
    sayUnwritten(what, error);
    return false;
  }
}
