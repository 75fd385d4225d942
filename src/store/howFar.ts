/** Told how far something has come, from 0 to 1. */
export type Heard = (share: number) => void;

/** Tells nobody. */
export const UNHEARD: Heard = () => undefined;

/** Counts what has been done of so many things, and tells of each hundredth once; more than was thought stays at the last of them. */
export function counted(all: number, heard: Heard): (more?: number) => void {
  let done = 0;
  let told = -1;
  return (more = 1) => {
    done += more;
    const hundredths = Math.min(99, Math.floor((100 * done) / Math.max(1, all)));
    if (hundredths <= told) return;
    told = hundredths;
    heard(hundredths / 100);
  };
}
