import { Refused } from './kept';

/** What the names of a browser's errors mean to a maker, and what to do. */
const WHY: Readonly<Record<string, string>> = {
  QuotaExceededError:
    'there is no room left for it on this device. Save a backup in the kitchen, take out photos or old makes, or free some space; then try again',
  VersionError: 'a newer version of Plump Pail has written here. Reload this window',
  UpgradeNeededError: 'a newer version of Plump Pail has written here. Reload this window',
  DatabaseClosedError: 'this window has lost its store, perhaps to a newer version in another one. Reload it',
  InvalidStateError: 'this window has lost its store. Reload it',
  OpenFailedError: 'the store on this device does not open. Close other windows of it and reload this one',
  BlockedError: 'another window of an older version holds the store. Close it and reload this one',
  ConstraintError: 'something of that name is here already',
  AbortError: 'the browser broke the writing off. Try again',
  TransactionInactiveError: 'the browser broke the writing off. Try again',
  PrematureCommitError: 'the browser broke the writing off. Try again',
  TimeoutError: 'the browser took too long. Try again',
  NotReadableError: 'the file could not be read. Choose it again',
  NotFoundError: 'it is no longer there. Reload this window',
};

const named = (error: unknown): string[] => {
  const found: string[] = [];
  let here = error as { name?: unknown; inner?: unknown } | null | undefined;
  for (let depth = 0; here && depth < 4; depth++) {
    if (typeof here.name === 'string') found.push(here.name);
    here = here.inner as typeof here;
  }
  return found;
};

/** Why something could not be written or read, in a maker's words and without a full stop; what lies deepest counts first. */
export function whyNot(error: unknown): string {
  if (error instanceof Refused) return error.message;
  for (const name of named(error).reverse()) {
    if (Object.hasOwn(WHY, name)) return WHY[name] as string;
  }
  return 'the browser could not do it. Try again; if it goes on, save a backup and reload the window';
}
