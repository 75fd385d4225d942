import { useCallback, useState } from 'react';
import type { Heard } from '../../store/howFar';

/** What is under way, and how far; null while nothing is. `begin` does something that tells how far it is. */
export function useUnderWay() {
  const [at, setAt] = useState<{ what: string; share: number } | null>(null);
  const begin = useCallback(async <T>(what: string, work: (heard: Heard) => Promise<T>): Promise<T> => {
    setAt({ what, share: 0 });
    try {
      return await work((share) => setAt({ what, share }));
    } finally {
      setAt(null);
    }
  }, []);
  return [at, begin] as const;
}
