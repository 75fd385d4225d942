const RAN = 'ran';

/** Which makes ran when it was last looked, as this browser remembers it: a hint, which the database is asked about before it is followed. */
export const ranHere = {
  read(): string[] {
    try {
      const kept: unknown = JSON.parse(localStorage.getItem(RAN) ?? '[]');
      return Array.isArray(kept) ? kept.filter((id) => typeof id === 'string') : [];
    } catch {
      // A window without a memory reads them with all others.
      return [];
    }
  },
  keep(ids: readonly string[]): void {
    try {
      localStorage.setItem(RAN, JSON.stringify(ids));
    } catch {
      // The next opening is a little slower.
    }
  },
};
