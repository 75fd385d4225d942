import { addDays, format } from 'date-fns';
import type { WeekWishes } from '../../files/weekWishes';
import { MILKS } from './milks';

/** The market is on a Friday, and opens at nine. */
const FRIDAY = 5;

/** What Tumbledrum Lock wants next, from a moment on, ms. Made up. */
export function demoWishes(now: number): WeekWishes {
  const day = Number(format(now, 'i'));
  const away = (FRIDAY - day + 7) % 7;
  // Too near, a Friday leaves no time for a slow curd: then it is for the shop at the lock, four days on.
  const wanted = addDays(now, away >= 3 ? away : 4);
  const readyBy = `${format(wanted, 'yyyy-MM-dd')}T08:30`;
  const wish = (id: string, name: string, method: string, milk: number, litres: number) => {
    const lot = MILKS[milk];
    if (!lot) throw new Error('the demo names its own milk');
    return {
      id,
      name,
      brief: {
        format: 'plump-pail/brief' as const,
        version: 1 as const,
        method,
        milk: {
          species: lot.species,
          litres,
          fatPct: lot.fatPct,
          proteinPct: lot.proteinPct,
          treatment: lot.treatment,
          startC: lot.startC,
        },
      },
      milkId: lot.id,
      notBefore: null,
      readyBy,
      pinned: null,
    };
  };
  return [
    wish('demo-wish-curds', 'Curds', 'squeaky-curds', 0, 8),
    wish('demo-wish-goat', 'Goat’s logs', 'goat-lactic', 1, 10),
    wish('demo-wish-ball', 'Balls', 'quick-stretched', 0, 6),
    wish('demo-wish-paneer', 'Paneer', 'paneer', 0, 8),
  ];
}
