import { useEffect, useState } from 'react';

/** How long a button that has just changed its meaning takes no tap, ms: the rest of a double tap falls into it. */
const SETTLE_MS = 600;

/** Whether `meaning` has stood unchanged for long enough to be tapped. */
export function useSettled(meaning: string): boolean {
  const [settledOn, setSettledOn] = useState(meaning);
  useEffect(() => {
    if (settledOn === meaning) return;
    const timer = setTimeout(() => setSettledOn(meaning), SETTLE_MS);
    return () => clearTimeout(timer);
  }, [meaning, settledOn]);
  return settledOn === meaning;
}
