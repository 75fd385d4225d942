/** The browser's part in naming windows: one store that only this window sees, and locks that all windows see. */
export interface WindowPorts {
  own: Pick<Storage, 'getItem' | 'setItem'> | undefined;
  /** Absent where the browser has none (a page over plain http on the network). */
  locks: Pick<LockManager, 'request'> | undefined;
}

/** Who this window is, to the settings it writes. */
export interface WindowName {
  id: string;
  /** Whose draft it begins with where it has none itself: the window it was copied from. */
  from: string;
}

/**
 * A name for this window: it outlives a reload, and no two open windows have the same. A window copied with the
 * browser's own means brings the name of the first with it, so a name must be free to be taken.
 */
export async function nameWindow({ own, locks }: WindowPorts): Promise<WindowName> {
  const known = own?.getItem('window') ?? null;
  const from = known ?? crypto.randomUUID();
  const id = known === null || (await take(locks, known)) ? from : crypto.randomUUID();
  if (id !== known) {
    own?.setItem('window', id);
    await take(locks, id);
  }
  return { id, from };
}

/** Takes a name for as long as the page lives; false where another window has it. */
function take(locks: WindowPorts['locks'], id: string): Promise<boolean> {
  if (!locks) return Promise.resolve(true);
  return new Promise((resolve, reject) => {
    locks
      .request(`window:${id}`, { ifAvailable: true }, (lock) => {
        resolve(lock !== null);
        return lock === null ? undefined : new Promise(() => undefined);
      })
      .catch(reject);
  });
}
